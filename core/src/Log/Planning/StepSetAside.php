<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\StepKind;

/** A step does not apply on this job, for a reason; it serves what follows it as done, and stands on the record. */
final readonly class StepSetAside implements Kind
{
    use Stated;

    private function __construct(
        #[Text(120)] public string $step,
        #[Text(300)] public string $reason,
        private bool $takenUp,
    ) {
    }

    public static function name(): string
    {
        return 'step_set_aside';
    }

    public function admit(Before $before): void
    {
        $step = $before->step($this->step);
        if ($step->kind === StepKind::Hold) {
            throw ContradictoryFields::excluded('step', $step->id, 'A hold cannot be put aside as a whole.',
                'its questions, waived one by one');
        }
        if (! $this->takenUp && $before->state()->work->isDone($step)) {
            throw ContradictoryFields::excluded('step', $step->id, 'This step has been done already.', 'a step that is open');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->takenUp ? $totals->brief->takeUp($this->step) : $totals->brief->putAside($this->step, $entry);
    }

    public function words(BuildState $state): string
    {
        $name = $state->work->step($this->step)->words->name ?? $this->step;

        return $this->takenUp
            ? 'Applies after all: '.lcfirst($name).', '.$this->reason : 'Does not apply: '.lcfirst($name).', because '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
