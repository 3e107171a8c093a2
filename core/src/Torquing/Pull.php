<?php

namespace Moltrek\Core\Torquing;

use DateTimeImmutable;

/** One pull at one fastener: in which pass, what the tool said where it said something, by whom and with which wrench. */
final readonly class Pull
{
    /** @param  int  $pass  from 0 */
    public function __construct(
        public string $id,
        public string $bolt,
        public int $pass,
        public string $by,
        public DateTimeImmutable $at,
        public PullSaid $said = new PullSaid,
        public ?PulledWith $with = null,
    ) {
    }
}
