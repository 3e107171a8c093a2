<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** A piston that can be had for this engine: "standard", "+0.25". */
final readonly class PistonSize
{
    public const KEYS = ['label', 'piston'];

    private function __construct(public string $label, public Length $piston)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('label', 40), $fields->size('piston'));
    }
}
