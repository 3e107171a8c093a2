<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/**
 * A mark by which crank or cams are timed: on what it stands, what it says, for which cylinder, and where it is read: at which
 * turn of the crank after that cylinder’s top dead centre, against what, at which place of the clock from the side it is seen from.
 */
final readonly class TimingMark
{
    public const KEYS = ['id', 'name', 'on', 'for', 'cylinder', 'side', 'meets', 'clock', 'against', 'seen_from'];

    /**
     * @param  string|null  $cylinder  the one that it is of; null for all that the sheet does not name another for
     * @param  float  $meets  degrees of the crank after that cylinder’s top
     * @param  float  $clock  degrees from straight up, clockwise as it is seen
     */
    private function __construct(
        public string $id,
        public string $name,
        public MarkCarrier $on,
        public MarkedFor $for,
        public ?string $cylinder,
        public ?ValveSide $side,
        public float $meets,
        public float $clock,
        public ?string $against,
        public ?string $seenFrom,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $degrees = static fn (string $key): float => $fields->has($key) ? Dimension::Angle->canonicalValue($fields->angle($key)) : 0.0;

        return new self(
            $fields->text('id', 40), $fields->text('name', 80),
            $fields->choice('on', MarkCarrier::class), $fields->choice('for', MarkedFor::class),
            $fields->textOrNull('cylinder', 20), $fields->choiceOrNull('side', ValveSide::class),
            $degrees('meets'), $degrees('clock'),
            $fields->textOrNull('against', 80), $fields->textOrNull('seen_from', 60),
        );
    }

    /** Whether it is read for this cylinder. */
    public function isOf(string $cylinder): bool
    {
        return $this->cylinder === null || $this->cylinder === $cylinder;
    }
}
