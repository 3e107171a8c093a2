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
use Moltrek\Core\Refusal\MalformedDocument;

/** Somebody who works alone does without the second pair of eyes that a hold asks for; its questions stay. */
final readonly class SecondWaived implements Kind
{
    use Stated;

    private function __construct(
        #[Text(120)] private string $hold,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'second_waived';
    }

    public function admit(Before $before): void
    {
        $hold = $before->state()->work->hold($this->hold)
            ?? throw MalformedDocument::wrongSort($this->hold, 'a hold of this engine')->under('hold');
        if (! $hold->asks->secondPerson) {
            throw ContradictoryFields::excluded('hold', $this->hold, 'One person answers this hold.', 'a hold that two look at');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $hold = $totals->progress->step($this->hold);
        if ($hold !== null) {
            $totals->progress->doWithoutSecond($hold, $entry);
            HoldWaived::finishIfAnswered($totals, $hold, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $name = $state->work->step($this->hold)->words->name ?? $this->hold;

        return 'Looked at alone: '.lcfirst($name).', '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
