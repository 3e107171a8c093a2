<?php

namespace Moltrek\Core\Document\Key;

use Attribute;

/** The name by which a key stands in the document, where it is not that of the property. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Called
{
    public function __construct(public string $name)
    {
    }
}
