<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;

/** One thing that a hold asks was seen, perhaps by two. */
final readonly class HoldAnswered implements Kind
{
    use Ordinary;

    /** @param  bool  $vouched  the second person has said so by a PIN of their own */
    private function __construct(public string $hold, private int $item, public string $second, private bool $vouched)
    {
    }

    public static function name(): string
    {
        return 'hold_answered';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['hold' => new Text(120), 'item' => new Whole(0, 999)],
            ['second' => new Text(10), 'vouched' => new Odd(['type' => ['boolean', 'string']])],
        );
    }

    public static function read(Fields $payload): self
    {
        $second = $payload->textOrNull('second', 10) ?? '';
        if ($second === '' && $payload->has('vouched')) {
            $vouched = $payload->raw('vouched');
            throw $payload->placed(ContradictoryFields::excluded('vouched', $vouched, 'Nobody looked as well.', 'a second person'));
        }

        return new self($payload->text('hold', 120), $payload->whole('item', 0, 999), $second,
            $payload->has('vouched') && $payload->flag('vouched'));
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
        return 'Seen: '.lcfirst(HoldWaived::asked($state, $this->hold, $this->item)).($this->second === '' ? '' : ', with '.$this->second)
            .($this->vouched ? ' by their own PIN' : '');
    }
}
