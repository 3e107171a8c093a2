<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/** The slack of the decompressor was read; inside its range, or where the sheet states none, it is set. */
final readonly class DecompressorSet implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Extent] public Length $slack,
    ) {
    }

    public static function name(): string
    {
        return 'decompressor_set';
    }

    public function admit(Before $before): void
    {
        if (! $before->sheet->valveTrain->decompressor) {
            throw ContradictoryFields::excluded('slack', $this->slack->written(), 'This engine has no decompressor.', 'nothing');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->clearances->readSlack($entry);
        if ($this->isInside($totals->sheet->valveTrain->setting->slack?->limit)) {
            $totals->finishReady(ValveSteps::DECOMPRESSOR, $entry);
        } else {
            $totals->reopen(ValveSteps::DECOMPRESSOR, 'read outside its slack');
        }
    }

    public function isInside(?Limit $limit): bool
    {
        return $this->slack->isPositive() && ($limit?->min === null || $this->slack->nanometres >= $limit->min)
            && ($limit?->max === null || $this->slack->nanometres <= $limit->max);
    }

    public function words(BuildState $state): string
    {
        return 'Decompressor slack '.$this->slack->written();
    }
}
