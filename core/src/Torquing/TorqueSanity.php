<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\UnitOfMeasure;
use Moltrek\Core\Quantity\WrittenQuantity;

/**
 * Whether a torque can be meant for a bolt: guide = K·d·0.75·σ_p·A_s, preload = T/(K·d). Far above or below is usually a unit
 * mistaken: the unit in which the same number comes nearest to the guide is offered.
 */
final readonly class TorqueSanity
{
    private const DOUBTFUL_ABOVE = 1.5;

    private const DOUBTFUL_BELOW = 0.2;

    /** The share of the guide that another unit has to land in to be offered. */
    private const CREDIBLE = [0.3, 1.2];

    /** @param  float  $preload  N */
    private function __construct(public float $preload, public float $guide, public float $ratio, public ?string $perhaps)
    {
    }

    public static function of(WrittenQuantity $torque, Thread $thread, StrengthClass $class, Friction $friction): self
    {
        $lever = $friction->factor() * $thread->diameter / 1000;
        $guide = $lever * 0.75 * $class->proofStress() * $thread->stressArea();
        $figure = (float) $torque->base();
        $ratio = $figure / $guide;

        return new self($figure / $lever, $guide, $ratio, self::isDoubtful($ratio) ? self::meant($torque, $guide) : null);
    }

    public function isFarOff(): bool
    {
        return self::isDoubtful($this->ratio);
    }

    private static function isDoubtful(float $ratio): bool
    {
        return $ratio > self::DOUBTFUL_ABOVE || $ratio < self::DOUBTFUL_BELOW;
    }

    private static function meant(WrittenQuantity $torque, float $guide): ?string
    {
        $best = null;
        foreach (Dimension::Torque->typedUnits() as $symbol) {
            $unit = UnitOfMeasure::spelled($symbol);
            $ratio = $torque->number()->multipliedBy($unit->size)->toFloat() / $guide;
            if ($unit === $torque->unit || $ratio < self::CREDIBLE[0] || $ratio > self::CREDIBLE[1]) {
                continue;
            }
            if ($best === null || abs(log($ratio)) < $best[1]) {
                $best = [$symbol, abs(log($ratio))];
            }
        }

        return $best[0] ?? null;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'preload' => Dimension::Force->quantity($this->preload), 'guide' => Dimension::Torque->quantity($this->guide),
            'ratio' => $this->ratio, 'doubtful' => $this->isFarOff(), 'perhaps' => $this->perhaps,
        ];
    }
}
