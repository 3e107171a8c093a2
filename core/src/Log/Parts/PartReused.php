<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Planning\PartKind;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** The old part goes back, for a reason, where the trade lets it. */
final readonly class PartReused implements Kind
{
    use Stated;

    private function __construct(
        #[Text(120)] private string $part,
        #[Text(300)] private string $reason = '',
    ) {
    }

    public static function name(): string
    {
        return 'part_reused';
    }

    public function admit(Before $before): void
    {
        $rule = PartKind::named($this->part)?->reuse();
        if ($rule?->class->mayGoBack() === false) {
            throw ContradictoryFields::excluded(
                'part',
                $this->part,
                'This is used once: '.lcfirst($rule->condition),
                'a part that may go back',
            );
        }
        if (trim($this->reason) === '') {
            throw MalformedDocument::missing('reason', 'a text');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->arrive($this->part, 'the old one: '.$this->reason);
    }

    public function words(BuildState $state): string
    {
        return 'Goes back: '.$this->part.', '.$this->reason;
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Decision;
    }
}
