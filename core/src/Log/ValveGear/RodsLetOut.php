<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\SheetWait;

/**
 * The rods of a cylinder were let out by so many flats, its piston at the top of compression and its lifters low: from now on
 * they bleed down, and the crank is not turned.
 */
final readonly class RodsLetOut implements Kind
{
    use Ordinary;
    use Stated;

    /** Where the sheet states no time: twenty minutes, in seconds. */
    private const USUAL = 1200;

    private function __construct(
        #[Text(20)] public string $cylinder,
        #[Whole(1, 200)] public int $flats,
    ) {
    }

    public static function name(): string
    {
        return 'rods_let_out';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        $step = $before->step(ValveSteps::rods($this->cylinder), 'a cylinder whose rods are set in this job', 'cylinder');
        if (! $before->sheet->valveTrain->adjustableRods) {
            throw ContradictoryFields::excluded('flats', $this->flats, 'The rods of this engine have no thread.',
                'an engine with adjustable rods');
        }
        $first = $before->state()->work->openNeeds($step)[0] ?? null;
        if ($first !== null) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder,
                'First: '.lcfirst($before->state()->work->step($first)->words->name ?? $first).'.', 'a cylinder whose turn has come');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->letOut($this->cylinder, $entry);
        $step = ValveSteps::rods($this->cylinder);
        $totals->reopen($step, 'let out anew');
        // what the box had loaded is let out: one bleed-down, this one
        $totals->endWaitsFor($step, $entry);
        $name = ucfirst(ltrim(Of::cylinder($totals->sheet, $this->cylinder).', lifters bleeding down', ', '));
        $totals->waits->begin(SheetWait::begun(self::wait($this->cylinder), $name,
            $totals->sheet->valveTrain->setting->rods->bleedDown ?? self::USUAL, 'both rods spin by finger', $step), $entry);
    }

    public static function wait(string $cylinder): string
    {
        return 'bleed-down-'.$cylinder;
    }

    public function words(BuildState $state): string
    {
        $perTurn = $state->sheet->valveTrain->setting->rods->flats ?? 6;
        $rest = $this->flats % $perTurn;

        return 'Rods let out'.Of::cylinder($state->sheet, $this->cylinder).': '.intdiv($this->flats, $perTurn).' turns'
            .($rest === 0 ? '' : ' and '.$rest.($rest === 1 ? ' flat' : ' flats'));
    }
}
