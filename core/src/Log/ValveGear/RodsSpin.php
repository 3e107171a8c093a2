<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** Each rod of a cylinder was spun by finger: its lifters have bled down, and the crank may be turned. */
final readonly class RodsSpin implements Kind
{
    use Stated;

    /** @param  list<string>  $valves */
    private function __construct(
        #[Text(20)] private string $cylinder,
        #[Texts] private array $valves,
    ) {
    }

    public static function name(): string
    {
        return 'rods_spin';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        $step = $before->step(ValveSteps::rods($this->cylinder), 'a cylinder whose rods are set in this job', 'cylinder');
        $missing = array_diff(RodLoop::valvesOf($before->sheet, $this->cylinder), $this->valves);
        if ($missing !== []) {
            throw MalformedDocument::wrongSort(implode(', ', $this->valves), 'every rod of this cylinder; not spun: '.implode(', ',
                $missing))
                ->under('valves');
        }
        $first = $before->state()->work->openNeeds($step)[0] ?? null;
        if ($first !== null) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder,
                'First: '.lcfirst($before->state()->work->step($first)->words->name ?? $first).'.', 'a cylinder whose turn has come');
        }
        if ($before->sheet->valveTrain->adjustableRods && $before->state()->clearances->letOutBy($this->cylinder) === null) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder, 'Its rods have not been let out yet.',
                'rods let out by their turns');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $step = ValveSteps::rods($this->cylinder);
        $totals->clearances->spin($this->cylinder, $entry);
        $totals->endWaitsFor($step, $entry);
        $totals->finishReady($step, $entry);
    }

    public function words(BuildState $state): string
    {
        $sides = array_map(static fn (string $valve): string => OfValve::on($state->sheet, $valve)->side->value ?? $valve, $this->valves);

        return 'Bled down'.Of::cylinder($state->sheet, $this->cylinder).': '.implode(' and ', array_unique($sides)).' rods spin by finger';
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
