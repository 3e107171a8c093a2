<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** What an earlier job on an engine of this kind has taught, and which job it was. */
final readonly class Finding
{
    public const KEYS = ['text', 'from'];

    private function __construct(public string $text, public string $from)
    {
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('text', 300), $fields->text('from', 60));
    }
}
