<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use BackedEnum;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** One of the cases of an enum. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Choice implements Key
{
    use MayLack;

    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(private string $enum)
    {
    }

    public function read(Fields $in, string $key): BackedEnum
    {
        return $in->choice($key, $this->enum);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'x-enum' => $this->enum];
    }
}
