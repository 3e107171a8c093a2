<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** A stretch of the bore, clockwise from the exhaust seen on the crown, where no ring gap may lie. */
final readonly class KeptOff
{
    public const KEYS = ['from', 'to', 'why'];

    private function __construct(public int|float $from, public int|float $to, public string $why)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->angle('from'), $fields->angle('to'), $fields->text('why', 120));
    }
}
