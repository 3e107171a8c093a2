<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** One thing that a hold asks was seen, perhaps by two. */
final readonly class HoldAnswered implements Kind
{
    use Ordinary;

    private function __construct(private string $hold, private int $item, public string $second)
    {
    }

    public static function name(): string
    {
        return 'hold_answered';
    }

    public static function keys(): array
    {
        return ['hold', 'item', 'second'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('hold', 120), $payload->whole('item', 0, 999), $payload->textOrNull('second', 10) ?? '');
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherItem($this->hold, $this->item);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        HoldWaived::settle($totals, $this->hold, $this->item, $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Seen: '.lcfirst(HoldWaived::asked($state, $this->hold, $this->item)).($this->second === '' ? '' : ', with '.$this->second);
    }
}
