<?php

namespace Moltrek\Core\Planning;

/** What is known of the shims of an engine when its order of work is composed. */
final readonly class ShimWork
{
    /**
     * @param  list<string>  $camsStay  heads, by the suffix of their steps, whose clearances are settled without a change and whose cams
     *                                  have not been let go
     * @param  list<string>  $marksSeen  those of them whose marks were looked at all the same
     * @param  bool  $isAskedAgain  whether clearance that was read with the cams in asks for shims that nobody set out to choose
     */
    public function __construct(public array $camsStay = [], public array $marksSeen = [], public bool $isAskedAgain = false)
    {
    }
}
