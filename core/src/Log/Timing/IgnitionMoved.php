<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Timing\CamWay;
use Moltrek\Core\Timing\IgnitionPlate;

/** Plate or pick-up was moved and locked; what was read before no longer says where the point lies. */
final readonly class IgnitionMoved implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        private CamWay $way,
        #[Extent] private ?Length $rim,
        #[Angle] private int|float|null $turn,
        #[Size] private ?Length $gap,
    ) {
    }

    public static function name(): string
    {
        return 'ignition_moved';
    }

    public function admit(Before $before): void
    {
        if ($before->sheet->ignition->setBy === IgnitionSetBy::Nothing) {
            throw ContradictoryFields::excluded('way', $this->way->value, 'Nothing can be set on this ignition.',
                'an engine with a plate or a pick-up');
        }
        if ((new IgnitionLoop($before->state()))->rotorIsOn()) {
            throw ContradictoryFields::excluded('way', $this->way->value, 'The plate lies under the rotor.', 'the rotor off first');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->timings->moveIgnition($this, $entry);
        if (! $totals->finishReady(TimingSteps::IGNITION_SET, $entry)) {
            $totals->reopen(TimingSteps::IGNITION, 'moved once more');
        }
    }

    /**
     * How far the point is to have come, in billionths of a crank degree, positive for earlier: by what was said of the move, else by
     * the error that was read before it.
     */
    public function asksOf(?IgnitionPlate $plate, int|float $off): int|float
    {
        $by = match (true) {
            $this->turn !== null => $plate?->crankOfTurn($this->turn) ?? $this->turn,
            $this->rim !== null => $plate?->crankOf($this->rim) ?? abs($off),
            default => abs($off),
        };

        return $this->way === CamWay::Advance ? $by : -$by;
    }

    public function words(BuildState $state): string
    {
        $by = array_filter([
            $this->rim === null ? null : $this->rim->written().' along its rim',
            $this->turn === null ? null : Degrees::text($this->turn),
        ]);
        $what = $state->sheet->ignition->setBy === IgnitionSetBy::Plate ? 'Plate' : 'Pick-up';
        $way = $this->way === CamWay::Advance ? 'against the rotation, to make it earlier' : 'with the rotation, to make it later';

        return $what.' moved'.($by === [] ? '' : ' '.implode(', ', $by)).', '.$way
            .($this->gap === null ? '' : ', gap '.Dimension::Length->written($this->gap->nanometres));
    }
}
