<?php

namespace App\Http\Shapes;

/** A part that goes back to where it ran. */
final readonly class HomePartShape
{
    /**
     * @param  bool  $isOut  whether its slab is off, so that it lies in its slot
     * @param  string|null  $elsewhere  where it went instead
     * @param  bool  $isSaid  whether somebody has said where it went
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $sort,
        public string $place,
        public string $placeName,
        public string $slab,
        public bool $isOut,
        public ?string $elsewhere,
        public ?string $reason,
        public bool $isSaid,
    ) {
    }
}
