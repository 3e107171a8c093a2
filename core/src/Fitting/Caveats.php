<?php

namespace Moltrek\Core\Fitting;

/** What stands beside a verdict that it cannot say itself. */
final readonly class Caveats
{
    /**
     * @param  bool  $doubtIsUnknown  no tool is named, so nobody knows how far a reading may be out
     * @param  string|null  $question  what is asked about by name before a part closes over it, whatever the verdict says
     */
    public function __construct(public bool $doubtIsUnknown = false, public ?string $question = null)
    {
    }
}
