<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Closing\Leak;
use Moltrek\Core\Closing\Spread;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;

/**
 * Cranking compression of all cylinders, as the machine came in and as it goes out, dry and with a little oil on the crown.
 * Source: shop practice; a figure that rises with oil goes past the rings.
 */
final readonly class Compressions
{
    /** By what share a figure has to rise with oil for the rings to be named. */
    private const RISE = 0.1;

    public function __construct(private BuildState $state)
    {
    }

    public static function spot(Cylinder $cylinder): string
    {
        return 'cranking_compression.'.$cylinder->id;
    }

    /** As it came in: the first reading, once another has followed it or it no longer holds. */
    public function before(Cylinder $cylinder): ?Reading
    {
        $readings = $this->state->readings;
        $entry = $readings->firstAt(self::spot($cylinder)) ?? $readings->staleAt(self::spot($cylinder))?->reading;

        return $entry === null ? null : $readings->of($entry);
    }

    public function after(Cylinder $cylinder): ?Reading
    {
        return $this->state->readings->at(self::spot($cylinder));
    }

    public function verdict(Cylinder $cylinder): ?Verdict
    {
        return $this->after($cylinder) === null ? null : $this->state->verdicts->of(self::spot($cylinder))?->verdict;
    }

    /** "990 kPa", with oil on the crown. */
    public function wet(Cylinder $cylinder): ?string
    {
        $said = $this->state->proofs->wetOf($cylinder->id)?->said;

        return $said instanceof CompressionWet ? Gauge::text($said->pressure) : null;
    }

    /** What dry and wet say together. */
    public function says(Cylinder $cylinder): ?string
    {
        $said = $this->state->proofs->wetOf($cylinder->id)?->said;
        $dry = $this->figure($this->after($cylinder));
        if (! $said instanceof CompressionWet || $dry === null || $dry <= 0) {
            return null;
        }

        return ($said->pressure - $dry) / $dry > self::RISE ? 'Rises with oil: it goes past the rings. New ones bed in within hours.'
            : ($this->state->sheet->layout->cycle === Cycle::FourStroke
                ? 'No better with oil: a valve or the head joint. Leak-down says which.'
                : 'No better with oil: the head joint. Leak-down says so.');
    }

    public function limit(): ?string
    {
        $cylinders = $this->state->sheet->layout->cylinders;
        $limit = $this->state->verdicts->limitOf(self::spot($cylinders[0]));
        $ends = $limit === null ? [] : array_filter([$limit->min, $limit->max], static fn (int|float|null $end): bool => $end !== null);

        return $ends === [] ? null : implode(' to ', array_map(static fn (int|float $end): string => Gauge::text((float) $end), $ends));
    }

    public function spreadBefore(): ?float
    {
        return $this->spread($this->before(...));
    }

    public function spreadAfter(): ?float
    {
        return $this->spread($this->after(...));
    }

    /** "within", "out" or "unknown"; null while not every cylinder was read. */
    public function spreadState(): ?string
    {
        $spread = $this->spreadAfter();

        return $spread === null ? null : Leak::zone($spread, $this->state->sheet->tests->spread, null);
    }

    /** How it is read so that it means something. */
    public function hint(): string
    {
        return 'Warm if it can be, '.($this->state->sheet->layout->hasSeveral()
            ? 'every plug out, throttle and choke wide open, the same turns for each.'
            : 'throttle and choke wide open, turned until the needle rises no more.')
            .($this->state->sheet->valveTrain->decompressor ? ' A decompressor that works reads low: the limit says with or without.' : '');
    }

    /** @param  callable(Cylinder): ?Reading  $read */
    private function spread(callable $read): ?float
    {
        $figures = array_map(fn (Cylinder $cylinder): ?float => $this->figure($read($cylinder)), $this->state->sheet->layout->cylinders);
        $known = array_filter($figures, static fn (?float $figure): bool => $figure !== null);
        if (count($known) < 2 || count($known) < count($figures)) {
            return null;
        }

        return Spread::of($known);
    }

    private function figure(?Reading $reading): ?float
    {
        $quantity = $reading?->quantity();

        return $quantity === null ? null : (float) $quantity['value'];
    }
}
