<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\StackPiece;

/** One gasket, spacer or insert as it lies in an engine, as thick as it is there. */
final readonly class LaidPiece implements Stating
{
    /** @param  float|null  $volume  of the chamber with it, in cubic centimetres: an insert */
    private function __construct(public string $name, public Length $thickness, public ?float $volume)
    {
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['name' => new Text(120)],
            ['thickness' => new Extent, 'volume' => new Amount(Dimension::Volume)],
        );
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
