<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * What a cylinder presses its charge into: clearance = chamber + gasket + deck − dome, ratio = (swept + clearance) / clearance;
 * trapped, the swept volume counts only from where the exhaust port is shut. Volumes in cubic centimetres.
 * Source: geometry; the trapped ratio as two-strokes are compared by.
 */
final readonly class Compression
{
    private function __construct(
        public float $swept,
        public float $displacement,
        public float $clearance,
        private float $chamber,
        private ?GasketRoom $gasket,
    ) {
    }

    /**
     * @param  float  $chamber  by burette, as $dome, which is negative for a dish
     *
     * @throws OutOfDomain at chamber, where nothing would be left above the piston
     */
    public static function of(
        Length $bore,
        Length $stroke,
        int $cylinders,
        float $chamber,
        ?GasketRoom $gasket,
        ?Length $deck,
        float $dome,
    ): self {
        $swept = self::disc($bore, $stroke);
        $clearance = $chamber + ($gasket?->volume() ?? 0.0) + ($deck === null ? 0.0 : self::disc($bore, $deck)) - $dome;
        if ($clearance <= 0) {
            throw OutOfDomain::because('chamber', 'Nothing is left above the piston: the dome and a proud crown take more than there is.',
                self::written($chamber), sprintf('more than %s with these figures', self::written($chamber - $clearance)));
        }

        return new self($swept, $swept * $cylinders, $clearance, $chamber, $gasket);
    }

    /** The volume of a disc, π/4·D²·h. */
    public static function disc(Length $across, Length $height): float
    {
        return M_PI / 4 * ($across->nanometres / 1e7) ** 2 * ($height->nanometres / 1e7);
    }

    public function ratio(): float
    {
        return ($this->swept + $this->clearance) / $this->clearance;
    }

    public function ratioOf(float $swept): float
    {
        return ($swept + $this->clearance) / $this->clearance;
    }

    /** What would give a ratio of more than one: the clearance; the chamber, or the gasket, with all else the same. */
    public function needed(float $ratio): NeededRoom
    {
        $clearance = $this->swept / ($ratio - 1);
        $more = $clearance - $this->clearance;

        return new NeededRoom($clearance, $this->chamber + $more, $this->gasket?->thicknessFor($this->gasket->volume() + $more));
    }

    private static function written(float $volume): string
    {
        return rtrim(rtrim(number_format($volume, 4, '.', ''), '0'), '.').' cm3';
    }
}
