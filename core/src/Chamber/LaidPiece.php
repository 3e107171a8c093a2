<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\StackPiece;

/** One gasket, spacer or insert as it lies in an engine, as thick as it is there. */
final readonly class LaidPiece
{
    public const KEYS = ['name', 'thickness', 'volume'];

    /** @param  float|null  $volume  of the chamber with it, in cubic centimetres: an insert */
    private function __construct(public string $name, public Length $thickness, public ?float $volume)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('name', 120),
            $fields->has('volume') ? $fields->lengthOrNull('thickness') ?? Length::zero() : $fields->length('thickness'),
            $fields->has('volume') ? $fields->positive('volume', Dimension::Volume) : null,
        );
    }

    public static function of(StackPiece $piece): self
    {
        return new self($piece->name, $piece->fitted(), $piece->volume);
    }

    public static function measured(string $name, Length $thickness): self
    {
        return new self($name, $thickness, null);
    }
}
