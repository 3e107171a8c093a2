<?php

namespace App\Http\Shapes;

/** What happened, and who can have done it. */
final readonly class JobLogShape
{
    /**
     * @param  int  $lastSeq  the last entry that this answer knows of
     * @param  list<SlipLineShape>  $slip  the newest first
     * @param  list<string>  $people  initials of everybody in the shop
     */
    public function __construct(
        public int $lastSeq,
        public array $slip,
        public array $people,
    ) {
    }
}
