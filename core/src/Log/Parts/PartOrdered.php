<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Date;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Stated;
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
    use Stated;

    /**
     * @param  list<string>  $for  spots and steps, by the beginning of their ids
     * @param  string|null  $from  the supplier
     */
    private function __construct(
        #[Text(120)] private string $part,
        #[Date] private ?Day $promised,
        #[Texts] private array $for,
        #[Text(60)] private ?string $from,
    ) {
    }

    public static function name(): string
    {
        return 'part_ordered';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->order(new PartOnOrder($this->part, $this->promised, $this->for));
    }

    public function words(BuildState $state): string
    {
        return 'Ordered: '.$this->part.($this->from === null ? '' : ', from '.$this->from)
            .($this->promised === null ? '' : ', promised for '.$this->promised->inWords());
    }
}
