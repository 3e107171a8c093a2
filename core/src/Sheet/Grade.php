<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** A mark or colour by which the maker sorts a part, and the sizes it stands for; proposed by table, proved by reading. */
final readonly class Grade
{
    public const KEYS = ['of', 'mark', 'min', 'max'];

    private function __construct(public string $of, public string $mark, public Length $min, public Length $max)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('of', 40), $fields->text('mark', 40), $fields->size('min'), $fields->size('max'));
    }

    public function holds(Length $size): bool
    {
        return ! $size->isLessThan($this->min) && ! $this->max->isLessThan($size);
    }
}
