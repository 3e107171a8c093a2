<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** A text of so many characters at most; one that may lack may be empty too. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Text implements Key
{
    public function __construct(private int $longest = 2000)
    {
    }

    public function read(Fields $in, string $key): string
    {
        return $in->text($key, $this->longest);
    }

    public function readOrNull(Fields $in, string $key): ?string
    {
        return $in->textOrNull($key, $this->longest);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'maxLength' => $this->longest];
    }
}
