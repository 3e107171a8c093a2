<?php

namespace Moltrek\Core\Document\Key;

use Moltrek\Core\Document\Key;

/** A key that reads as something where nothing stands: a flag that is not raised, a list of none. */
interface NeverLacks extends Key
{
}
