<?php

namespace Moltrek\Core\Log;

/** A kind of entry that may name a photograph. */
interface HasPhoto
{
    /** Its id; null where there is none. */
    public function photo(): ?string;
}
