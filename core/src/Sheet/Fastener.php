<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;

/** A bolt, nut or stud of one joint, where it sits as seen from above: x to the right, y up, on the joint's own axes. */
final readonly class Fastener
{
    public const KEYS = ['id', 'slab', 'x', 'y', 'thread', 'length', 'washer', 'hand', 'kind', 'one_use'];

    private function __construct(
        public string $id,
        public string $slab,
        public Length $x,
        public Length $y,
        public string $thread,
        public Length $length,
        public ?string $washer,
        public bool $leftHand,
        public string $kind,
        public bool $oneUse,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 20), $fields->text('slab', 60), $fields->signedLength('x'), $fields->signedLength('y'),
            $fields->text('thread', 20), $fields->size('length'), $fields->textOrNull('washer', 60),
            ($fields->textOrNull('hand', 10) ?? 'right') === 'left', $fields->textOrNull('kind', 20) ?? 'bolt', $fields->flag('one_use'),
        );
    }
}
