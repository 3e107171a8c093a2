<?php

namespace Moltrek\Core\Document\Key;

use Moltrek\Core\Document\Fields;

/** A key that is read as it is where it stands, and is null where it does not. */
trait MayLack
{
    public function readOrNull(Fields $in, string $key): mixed
    {
        return $in->has($key) ? $this->read($in, $key) : null;
    }
}
