<?php

namespace Moltrek\Core\Document\Key;

use Attribute;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key;

/** One of a few words that nothing else in the trade is called by. */
#[Attribute(Attribute::TARGET_PARAMETER)]
final readonly class Word implements Key
{
    use MayLack;

    /** @var list<string> */
    private array $allowed;

    public function __construct(string ...$allowed)
    {
        $this->allowed = array_values($allowed);
    }

    public function read(Fields $in, string $key): string
    {
        return $in->word($key, ...$this->allowed);
    }

    /** @return array<string, mixed> */
    public function schema(): array
    {
        return ['type' => 'string', 'enum' => $this->allowed];
    }
}
