<?php

namespace Moltrek\Core\Planning;

/** The one thing to do next on a build. */
final readonly class NextMove
{
    /** @param  'spot'|'step'|'lift'|'wait'|'none'  $kind */
    public function __construct(
        public string $kind,
        public ?string $id,
        public ?string $slab,
        public string $text,
        public string $why,
    ) {
    }

    public function canBeWorked(): bool
    {
        return $this->kind !== 'wait' && $this->kind !== 'none';
    }
}
