<?php

namespace Moltrek\Core\Log;

/** A kind that belongs without further question and stands in the log alone. */
trait Ordinary
{
    public function admit(Before $before): void
    {
    }

    public function inRecord(): ?RecordPart
    {
        return null;
    }
}
