<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Quantity\Dimension;

/** How far a cam is to be moved so that its centreline comes to what its maker states, and in whole teeth of its wheel. */
final readonly class CamCorrection
{
    /** @param  int|float  $error  centreline less aim, in billionths of a crank degree */
    private function __construct(private int|float $error, private ?CamWheelStep $wheel)
    {
    }

    /** Towards the nominal figure, else the middle of a range of which both ends are stated; nothing where neither is. */
    public static function towards(?Fields $spec, string $key, ?Limit $limit, int|float $centreline, ?CamWheelStep $wheel): ?self
    {
        $stated = $spec?->has($key) === true ? $spec->object($key, ...LimitDocument::KEYS) : null;
        $nominal = $stated?->has('nominal') === true ? $stated->quantity('nominal', Dimension::Angle)->base() : null;
        $aim = $nominal ?? ($limit?->min !== null && $limit->max !== null ? ($limit->min + $limit->max) / 2 : null);

        return $aim === null ? null : new self($centreline - $aim, $wheel);
    }

    /**
     * @param  bool  $advancesLarger  an inlet’s centreline lies after the top: larger is late; an exhaust’s before it: larger is early
     * @return array<string, mixed>
     */
    public function toArray(bool $advancesLarger): array
    {
        $teeth = $this->wheel?->closestTo($this->error);
        $isLate = $advancesLarger ? $this->error > 0 : $this->error < 0;

        return [
            'crank' => Dimension::Angle->quantity(abs($this->error)),
            'cam' => Dimension::Angle->quantity(abs($this->error) / 2),
            'way' => $this->error == 0 ? null : ($isLate ? 'advance' : 'retard'),
            'teeth' => $teeth === null ? null : abs($teeth),
            'left' => $this->wheel === null || $teeth === null ? null
                : Dimension::Angle->quantity($this->wheel->left($this->error, $teeth)),
        ];
    }
}
