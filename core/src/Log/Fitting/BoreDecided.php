<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\Decision;
use Moltrek\Core\Refusal\ContradictoryFields;

/** What one bore is to have done to it. */
final readonly class BoreDecided implements Kind
{
    use Stated;

    private function __construct(
        #[Text(20)] public string $cylinder,
        #[Called('decision')] public BoreJob $job,
        #[Text(60)] public string $size = '',
        #[Text(500)] public string $reason = '',
    ) {
    }

    public static function name(): string
    {
        return 'bore_decided';
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherCylinder($this->cylinder);
        try {
            $this->job->refuseOn($before->sheet->barrel->lining);
        } catch (ContradictoryFields $refusal) {
            throw $refusal->under('decision');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $isOther = ($totals->decisions->onBore($this->cylinder)->job ?? BoreJob::Keep) !== $this->job;
        $totals->decisions->decide($this, $entry->by);
        if ($isOther) {
            $totals->replan();
        }
        $step = $totals->progress->deciding(Decision::Bore, $this->cylinder);
        if ($step !== null) {
            $totals->finish($step, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        return 'Bore'.Of::cylinder($state->sheet, $this->cylinder).': '.$this->inShort().($this->reason === '' ? '' : ', '.$this->reason);
    }

    /** "rebore to +0.25", "new piston, standard". */
    public function inShort(): string
    {
        $isPiston = $this->job === BoreJob::Piston;

        return ($isPiston ? 'new piston' : $this->job->value).($this->size === '' ? '' : ($isPiston ? ', ' : ' to ').$this->size);
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
