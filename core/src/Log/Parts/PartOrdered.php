<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Day;

/** A part is on order; what waits for it is named, and the day it is promised for. */
final readonly class PartOrdered implements Kind
{
    use Ordinary;

    /**
     * @param  list<string>  $for  spots and steps, by the beginning of their ids
     * @param  string|null  $from  the supplier
     */
    private function __construct(private string $part, private ?Day $promised, private array $for, private ?string $from)
    {
    }

    public static function name(): string
    {
        return 'part_ordered';
    }

    public static function keys(): array
    {
        return ['part', 'promised', 'for', 'from'];
    }

    public static function read(Fields $payload): self
    {
        return new self(
            $payload->text('part', 120),
            $payload->dayOrNull('promised'),
            $payload->texts('for'),
            $payload->textOrNull('from', 60),
        );
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->order(new PartOnOrder($this->part, $this->promised?->text, $this->for));
    }

    public function words(BuildState $state): string
    {
        return 'Ordered: '.$this->part.($this->from === null ? '' : ', from '.$this->from)
            .($this->promised === null ? '' : ', promised for '.$this->promised->inWords());
    }
}
