<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;

/** What a step changes on the engine once it is done, and what takes that back. */
final readonly class Effect
{
    /**
     * @param  list<string>  $lostWith  slabs whose lifting undoes it
     * @param  list<string>  $parts  new parts it takes, used once
     * @param  list<Act>  $undoneBy
     * @param  Decision|null  $decides  what is settled by it
     * @param  Owing|null  $owes  what it leaves to be torqued later
     */
    public function __construct(
        public Joint $joint = new Joint,
        public Turning $turning = new Turning,
        public array $lostWith = [],
        public array $parts = [],
        public array $undoneBy = [],
        public ?Decision $decides = null,
        public ?Owing $owes = null,
    ) {
    }
}
