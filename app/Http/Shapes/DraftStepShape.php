<?php

namespace App\Http\Shapes;

/** A step in the order of work of a sheet that is being written. */
final readonly class DraftStepShape
{
    /**
     * @param  bool  $isNew  whether the version that is there has it not
     * @param  list<string>  $waits  waits that begin when it is done
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $slab,
        public bool $isNew,
        public array $waits,
    ) {
    }
}
