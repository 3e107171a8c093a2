<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Date;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Day;

/** A part that a decision asks for, and where it comes from on that day: off the shop’s shelf, or on order for a day. */
final readonly class Supplied implements Stating
{
    use Stated;

    public const SHELF = 'shelf';

    public const ORDER = 'order';

    /** @param  string  $for  the slab that it lies under */
    private function __construct(
        #[Text(120)] public string $part,
        #[Text(60)] public string $for,
        #[Word(self::SHELF, self::ORDER)] public string $from,
        #[Date] public ?Day $promised = null,
    ) {
    }

    public static function offTheShelf(string $part, string $for): self
    {
        return new self($part, $for, self::SHELF);
    }

    public static function onOrder(string $part, string $for, ?Day $promised): self
    {
        return new self($part, $for, self::ORDER, $promised);
    }

    /** @return array{part: string, for: string, from: string, promised?: string} */
    public function toArray(): array
    {
        return ['part' => $this->part, 'for' => $this->for, 'from' => $this->from]
            + ($this->promised === null ? [] : ['promised' => $this->promised->text]);
    }

    public function inWords(): string
    {
        return $this->from === self::SHELF ? $this->part.' from the shelf'
            : $this->part.' ordered'.($this->promised === null ? '' : ', promised for '.$this->promised->inWords());
    }
}
