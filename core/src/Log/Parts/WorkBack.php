<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;

/** A bore that was out is back: it is looked over, washed and read again before anything goes into it. */
final readonly class WorkBack implements Kind
{
    use Stated;

    private function __construct(
        #[Text(20)] private string $cylinder,
        #[Text(300)] private string $note = '',
    ) {
    }

    public static function name(): string
    {
        return 'work_back';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        if ($before->state()->parts->awayOf($this->cylinder) === null) {
            throw ContradictoryFields::excluded('cylinder', $this->cylinder, 'This bore is not out.', 'a bore that was sent out');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->comeBack($this->cylinder);
    }

    public function words(BuildState $state): string
    {
        return 'Back: bore'.Of::cylinder($state->sheet, $this->cylinder).($this->note === '' ? '' : ', '.$this->note);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
