<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Closing\Fall;
use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Sheet\EngineSheet;

/** One pressure test of closed cases: a gauge read several times, and what its fall says. */
final readonly class LeakTest
{
    private const MINUTE = 60;

    /**
     * @param  non-empty-list<array{float, float}>  $points  seconds after the start and kPa, in the order they were read
     * @param  string|null  $staleBecause  what has been opened since
     */
    public function __construct(private EngineSheet $sheet, public Entry $begun, public array $points, public ?string $staleBecause = null)
    {
    }

    public function with(float $after, float $pressure): self
    {
        $points = [...$this->points, [$after, $pressure]];
        usort($points, static fn (array $one, array $other): int => $one[0] <=> $other[0]);

        return new self($this->sheet, $this->begun, $points, $this->staleBecause);
    }

    public function noMoreBecause(string $why): self
    {
        return new self($this->sheet, $this->begun, $this->points, $this->staleBecause ?? $why);
    }

    public function start(): float
    {
        return $this->points[0][1];
    }

    /** Seconds from the first reading to the last. */
    public function elapsed(): float
    {
        return $this->points[count($this->points) - 1][0];
    }

    /** kPa a minute, from the first reading to the last; null while there is only one. */
    public function perMinute(): ?float
    {
        $elapsed = $this->elapsed();

        return $elapsed <= 0 ? null : (new Fall($this->start() - $this->points[count($this->points) - 1][1], $elapsed))->perMinute();
    }

    /** kPa a minute that are allowed; null where the sheet does not say. */
    public function allowed(): ?float
    {
        return $this->sheet->tests->drop === null || $this->sheet->tests->time === null ? null
            : (new Fall($this->sheet->tests->drop, $this->sheet->tests->time))->perMinute();
    }

    /** "within", "out" or "unknown". */
    public function state(): string
    {
        return $this->perMinute() === null ? 'unknown' : Leak::zone($this->perMinute(), $this->allowed(), null);
    }

    /** Whether it has been held as long as is asked, from the pressure that is asked, and lost no more than is allowed. */
    public function isHeld(): bool
    {
        return $this->staleBecause === null && $this->state() === 'within' && $this->elapsed() >= ($this->sheet->tests->time ?? 0)
            && Leak::isUpTo($this->sheet->tests->pressure ?? 0, $this->start());
    }

    public function headline(): string
    {
        $perMinute = $this->perMinute();
        $rate = $perMinute === null ? '' : number_format($perMinute, 1).' kPa a minute';

        return match (true) {
            $this->staleBecause !== null => 'To be tested again: '.$this->staleBecause,
            $perMinute === null => 'Running: read the gauge again',
            $this->isHeld() => 'Holds: '.$rate,
            $this->state() === 'out' => 'Leaks: '.$rate,
            ! Leak::isUpTo($this->sheet->tests->pressure ?? 0, $this->start()) => 'Begun too low: pumped to '
                .Gauge::text($this->sheet->tests->pressure ?? 0).' it says something',
            $this->allowed() === null => $rate.', and the sheet states no limit',
            default => 'So far '.$rate.': read on to '.self::minutes($this->sheet->tests->time ?? 0),
        };
    }

    /** How it is made ready. Source: shop practice. */
    public static function before(EngineSheet $sheet): string
    {
        return 'Plugs in inlet and exhaust, piston at its bottom so that the ports join case and barrel'
            .($sheet->exhaustValve === null ? '' : ', the exhaust valve where it closes')
            .'. Pumped up slowly, by regulator and relief valve; never'
            .' higher than the seals bear.'.($sheet->layout->hasSeveral()
                ? ' Each cylinder has a case of its own: one is pumped and the other watched, for air that crosses the seal between'
                .' them.' : '');
    }

    /** What it proves and what not, and where to look next. */
    public function says(): string
    {
        return match (true) {
            $this->perMinute() === null => 'Leave the pump off and the hand off the hoses; a gauge that falls in the first seconds'
                .' only settles.',
            $this->isHeld() => 'Cases, crank seals, base and head joint and the closed-off ports hold this pressure. It does not prove'
                .' the rings, the reeds, the joint of the carburettor, nor a seal that leaks only when sucked: a vacuum proves that.',
            $this->state() === 'out' && $this->isFast() => 'A fall as fast as this is a plug or a hose of the test itself, a seal left'
                .' out or a gasket not seated: look at the rig first, under soap.',
            $this->state() === 'out' => 'Soap on the joints of the rig first; then base joint, head joint, inlet flange, the exhaust plug, '
                .($this->sheet->exhaustValve !== null ? 'the shaft of the exhaust valve, ' : '').'the crank seal behind the rotor'
                .($this->sheet->layout->hasSeveral() ? ', the one between the cases' : '').'; last the one'
                .' at the drive side: where a gearbox lies behind it, the bubbles come out of its breather.',
            default => 'Read it every minute or two: a straight line is a leak, one that flattens is the air cooling.',
        };
    }

    /** More than three times what is allowed. */
    private function isFast(): bool
    {
        return $this->allowed() !== null && $this->perMinute() > 3 * $this->allowed();
    }

    /** "6 min", "1 min 30 s". */
    public static function minutes(float $seconds): string
    {
        $whole = (int) round($seconds);
        [$minutes, $rest] = [intdiv($whole, self::MINUTE), $whole % self::MINUTE];

        return trim(($minutes === 0 ? '' : $minutes.' min').($rest === 0 && $minutes > 0 ? '' : ' '.$rest.' s'));
    }
}
