<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/**
 * How bolts of one joint load and unload each other: a pull sets its bolt to F = T/(k·d), or changes nothing where it holds more;
 * every other bolt that is loaded loses coupling·e^(−distance/reach) of the increase, never below nothing. A teaching model: it
 * shows why a pattern and a check pass matter, and no more.
 */
final readonly class ClampModel
{
    /** The bolt that the model is shown with: M8, oiled, in a light alloy head. */
    public const SHOWN = ['k' => 0.15, 'diameter' => '8 mm', 'coupling' => 0.25, 'reach' => '60 mm'];

    /**
     * @param  non-empty-list<Bolt>  $bolts
     * @param  float  $k  of T = k·d·F
     */
    public function __construct(
        private array $bolts,
        private float $k,
        private Length $diameter,
        private float $coupling,
        private Length $reach,
    ) {
    }

    /**
     * @param  list<array{string, float}>  $pulls  bolt and N·m
     * @return list<array<array-key, float>> after each pull: newtons by bolt
     */
    public function loads(array $pulls): array
    {
        $byId = array_column($this->bolts, null, 'id');
        $loads = array_fill_keys(array_map(static fn (Bolt $bolt): string => $bolt->id, $this->bolts), 0.0);
        $after = [];
        foreach ($pulls as [$id, $torque]) {
            $increase = $torque / ($this->k * Dimension::Length->canonicalValue($this->diameter->nanometres) / 1000) - $loads[$id];
            if ($increase > 0) {
                $loads[$id] += $increase;
                foreach ($loads as $other => $load) {
                    if ((string) $other !== $id && $load > 0) {
                        $distance = $byId[$id]->distanceTo($byId[$other]);
                        $lost = $this->coupling * exp(-$distance / $this->reach->nanometres) * $increase;
                        $loads[$other] = max(0.0, $load - $lost);
                    }
                }
            }
            $after[] = $loads;
        }

        return $after;
    }

    /** @return array<array-key, float> before anything was pulled */
    public function empty(): array
    {
        return array_fill_keys(array_map(static fn (Bolt $bolt): string => $bolt->id, $this->bolts), 0.0);
    }

    /**
     * (max − min)/mean over all; null when nothing holds.
     *
     * @param  array<array-key, float>  $loads
     */
    public static function spread(array $loads): ?float
    {
        $sum = array_sum($loads);

        return $loads === [] || $sum <= 0 ? null : (max($loads) - min($loads)) / ($sum / count($loads));
    }
}
