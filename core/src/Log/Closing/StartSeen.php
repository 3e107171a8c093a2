<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** One thing of the first start was looked at: it is right, or it is not. */
final readonly class StartSeen implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(40)] public string $item,
        #[Called('right')] public bool $isRight,
        #[Text(300)] public string $note = '',
    ) {
    }

    public static function name(): string
    {
        return 'start_seen';
    }

    public function admit(Before $before): void
    {
        $items = FirstStart::items($before->sheet);
        if (! isset($items[$this->item])) {
            throw MalformedDocument::wrongSort($this->item, 'one of '.implode(', ', array_keys($items)))->under('item');
        }
        $step = $before->step(FirstStart::STEP, 'a job on which something is started', 'item');
        if ($before->state()->work->openNeeds($step) !== [] || $before->state()->work->blockages($step) !== []) {
            throw ContradictoryFields::excluded('item', $this->item, 'Nothing is started yet: the hold before the first start stands.',
                'a machine whose hold is answered');
        }
        if (! $this->isRight && $this->note === '') {
            throw MalformedDocument::missing('note', 'what is not right');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->seeStart($this, $entry);
        if ($totals->proofs->startIsRight($totals->sheet)) {
            $totals->finishReady(FirstStart::STEP, $entry);
        } else {
            $totals->reopen(FirstStart::STEP, 'something was not right');
        }
    }

    public function words(BuildState $state): string
    {
        $item = FirstStart::items($state->sheet)[$this->item] ?? $this->item;

        return 'First start: '.lcfirst($item).($this->isRight ? '' : ' – not right').($this->note === '' ? '' : ': '.$this->note);
    }
}
