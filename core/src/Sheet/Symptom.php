<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** A complaint, what is suspected behind it, and the test that tells. */
final readonly class Symptom
{
    public const KEYS = ['symptom', 'suspect', 'test'];

    private function __construct(public string $symptom, public string $suspect, public string $test)
    {
    }

    public static function of(string $symptom, string $suspect, string $test): self
    {
        return new self($symptom, $suspect, $test);
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->text('symptom', 200), $fields->text('suspect', 200), $fields->text('test', 300));
    }
}
