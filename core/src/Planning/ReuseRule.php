<?php

namespace Moltrek\Core\Planning;

/** Whether a part that has been in an engine may go back: its class, and the condition or the reason why not. */
final readonly class ReuseRule
{
    public function __construct(public ReuseClass $class, public string $condition)
    {
    }
}
