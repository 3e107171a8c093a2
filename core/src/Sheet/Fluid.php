<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/** What goes into this engine, and how much of it. */
final readonly class Fluid
{
    public const KEYS = ['fluid', 'capacity', 'grade', 'source'];

    /** @param  float  $capacity  cubic centimetres */
    private function __construct(public FluidKind $kind, public float $capacity, public ?string $grade, public ?string $source)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->choice('fluid', FluidKind::class), $fields->positive('capacity', Dimension::Volume),
            $fields->textOrNull('grade', 120), $fields->textOrNull('source', 80));
    }

    /** "2.4 L of semi-synthetic 10W-40". */
    public function inWords(): string
    {
        return self::litres($this->capacity).($this->grade === null ? '' : ' of '.$this->grade);
    }

    /** @param  float  $volume  cubic centimetres */
    public static function litres(float $volume): string
    {
        return $volume >= 1000 ? rtrim(rtrim(number_format($volume / 1000, 2, '.', ''), '0'), '.').' L' : round($volume).' cm³';
    }
}
