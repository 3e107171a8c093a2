<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** The piston, where it is to be measured, what points where, and its rings from the crown down. */
final readonly class Piston
{
    public const KEYS = ['type', 'gauge_point', 'height', 'mark', 'gap_depth', 'rings', 'sizes', 'keep_off', 'circlips'];

    /**
     * @param  list<Ring>  $rings
     * @param  list<PistonSize>  $sizes
     * @param  list<KeptOff>  $keepOff
     */
    private function __construct(
        public PistonType $type,
        public Length $gaugePoint,
        public ?Length $height,
        public ?string $mark,
        public ?Length $gapDepth,
        public array $rings,
        public array $sizes,
        public array $keepOff,
        public bool $circlips,
    ) {
    }

    /** @param  list<string>  $cylinders */
    public static function read(Fields $fields, array $cylinders): self
    {
        return new self(
            $fields->choice('type', PistonType::class),
            $fields->length('gauge_point'),
            $fields->sizeOrNull('height'),
            $fields->textOrNull('mark'),
            $fields->sizeOrNull('gap_depth'),
            array_map(static fn (Fields $ring): Ring => Ring::read($ring, $cylinders), $fields->objects('rings', ...Ring::KEYS)),
            array_map(PistonSize::read(...), $fields->objects('sizes', ...PistonSize::KEYS)),
            array_map(KeptOff::read(...), $fields->objects('keep_off', ...KeptOff::KEYS)),
            ! $fields->has('circlips') || $fields->flag('circlips'),
        );
    }

    /** @return list<Ring> */
    public function gappedRings(): array
    {
        return array_values(array_filter($this->rings, static fn (Ring $ring): bool => $ring->kind->hasGap()));
    }
}
