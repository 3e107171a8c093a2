<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use BackedEnum;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;

/** A list of cases of an enum, empty where none stands. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Choices implements NeverLacks
{
    use MayLack;

    /** @param  class-string<BackedEnum>  $enum */
    public function __construct(private string $enum)
    {
    }

    /** @return list<BackedEnum> */
    public function read(Fields $in, string $key): array
    {
        return array_map(fn (string $read): BackedEnum => $this->enum::tryFrom($read)
            ?? throw $in->placed(MalformedDocument::wrongSort($read, 'one of '.implode(', ', $this->words())), $key), $in->texts($key));
    }

    /** @return list<string> */
    private function words(): array
    {
        return array_map(static fn (BackedEnum $case): string => (string) $case->value, $this->enum::cases());
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'array', 'items' => ['type' => 'string', 'x-enum' => $this->enum]];
    }
}
