<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** A gasket, spacer or head insert that can be had for this engine, as its maker states it. */
final readonly class StackPiece
{
    public const KEYS = ['id', 'slab', 'name', 'thickness', 'crushed', 'volume', 'days', 'standard'];

    /**
     * @param  Length  $thickness  as it comes, as $crushed after it has had its torque; nothing for an insert
     * @param  float|null  $volume  of the chamber with it, in cubic centimetres: an insert
     * @param  int|null  $days  open days from order to hand
     * @param  bool  $standard  whether the engine left its maker with it
     */
    private function __construct(
        public string $id,
        public string $slab,
        public string $name,
        public Length $thickness,
        public ?Length $crushed,
        public ?float $volume,
        public ?int $days,
        public bool $standard,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $isInsert = $fields->has('volume');

        return new self(
            $fields->text('id', 60), $fields->text('slab', 60), $fields->text('name', 120),
            $isInsert && ! $fields->has('thickness') ? Length::zero() : $fields->length('thickness'), $fields->sizeOrNull('crushed'),
            $isInsert ? $fields->positive('volume', Dimension::Volume) : null,
            $fields->has('days') ? $fields->whole('days', 0, 1000) : null,
            $fields->flag('standard'),
        );
    }

    /** As thick as it is once the joint has its torque. */
    public function fitted(): Length
    {
        return $this->crushed ?? $this->thickness;
    }
}
