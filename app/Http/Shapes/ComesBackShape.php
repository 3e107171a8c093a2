<?php

namespace App\Http\Shapes;

/** Something to be looked at again on a machine that went out. */
final readonly class ComesBackShape
{
    public function __construct(
        public string $id,
        public int $job,
        public string $machine,
        public string $owner,
        public string $what,
        public string $due,
        public string $inWords,
        public bool $late,
    ) {
    }
}
