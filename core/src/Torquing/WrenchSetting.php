<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Refusal\Refusal;

/**
 * What to set on a wrench so that the bolt gets its torque: setting = T·L/(L + E·cos φ), L from hand to square, E the adapter
 * at its angle φ to the handle. Delivered is what the step that can be set then gives.
 * Source: statics; the hand pushes with the same force at L whatever is on the square.
 */
final readonly class WrenchSetting
{
    private function __construct(
        public Target $target,
        public float $exact,
        public float $dial,
        public string $written,
        public float $delivered,
        public bool $inside,
        private bool $isTrusted,
    ) {
    }

    /** @throws Refusal at target off the scale, at adapter where it would turn the lever round, at wrench.length where that is not known */
    public static function of(Target $target, Wrench $wrench, ?Adapter $adapter): self
    {
        $lever = self::lever($wrench, $adapter);
        $exact = $target->figure / $lever;
        $step = self::step($target, $wrench, $exact, $lever);
        $dial = $wrench->dialled($step);
        if (! $wrench->reaches($dial)) {
            throw OutOfDomain::because('target', 'This wrench cannot be set to '.$wrench->written($step).'.',
                $wrench->written($step), Dimension::Torque->written($wrench->min).' to '.Dimension::Torque->written($wrench->max));
        }

        return new self($target, $exact, $dial, $wrench->written($step), $dial * $lever, $target->holds($dial * $lever),
            $wrench->isTrustedAt($dial));
    }

    /** By how much the adapter lengthens the lever: 1 without one. */
    private static function lever(Wrench $wrench, ?Adapter $adapter): float
    {
        if ($adapter === null) {
            return 1.0;
        }
        $length = $wrench->length ?? throw MalformedDocument::missing('wrench.length', 'the length from the hand to the square');
        $whole = $length->nanometres + $adapter->reach();
        if ($whole <= 0) {
            throw OutOfDomain::because('adapter', 'Turned back so far it pulls the other way.',
                $adapter->length->written().' at '.Dimension::Angle->written($adapter->angle),
                'one that reaches back less than '.Length::ofNanometres($length->nanometres)->written());
        }

        return $whole / $length->nanometres;
    }

    /** The nearest step; where an end of a range is aimed at, the nearest that lands inside it, if there is one. */
    private static function step(Target $target, Wrench $wrench, float $exact, float $lever): int
    {
        $nearest = $wrench->nearest($exact);
        $lands = static fn (int $step): bool => $target->holds($wrench->dialled($step) * $lever);
        if (! $target->isAnEnd() || $lands($nearest)) {
            return $nearest;
        }
        $beside = $wrench->dialled($nearest) > $exact ? [$nearest - 1, $nearest + 1] : [$nearest + 1, $nearest - 1];
        foreach ($beside as $step) {
            if ($step >= 0 && $lands($step)) {
                return $step;
            }
        }

        return $nearest;
    }

    /** @return list<string> */
    public function cautions(): array
    {
        return $this->isTrusted ? [] : [
            $this->written.' lies under a fifth of this wrench’s scale, where it is not trusted; take a smaller one.',
        ];
    }

    /**
     * How far what is delivered may be off, either way: the wrench's own doubt, as much larger as the adapter makes the torque.
     *
     * @param  float|null  $ofWrench  N·m; null where nobody knows it
     */
    public function doubt(?float $ofWrench): ?float
    {
        return $ofWrench === null || $this->dial <= 0 ? null : $ofWrench * $this->delivered / $this->dial;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $quantity = Dimension::Torque->quantity(...);

        return [
            'target' => $quantity($this->target->figure), 'exact' => $quantity($this->exact), 'dial' => $quantity($this->dial),
            'dial_text' => $this->written, 'delivered' => $quantity($this->delivered), 'inside' => $this->inside,
            'cautions' => $this->cautions(),
        ];
    }
}
