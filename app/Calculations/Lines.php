<?php

namespace App\Calculations;

use Generator;
use JsonException;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/**
 * The command-line form: one JSON object, or one object a line. Each gets one line of JSON; a line that cannot be answered
 * gets its error and the others their answers.
 */
final class Lines
{
    private bool $refused = false;

    public function __construct(private readonly Calculation $calculation)
    {
    }

    /** @return Generator<int, string> the answers, in order */
    public function answers(string $input): Generator
    {
        $input = str_starts_with($input, "\u{FEFF}") ? substr($input, 3) : $input;
        $whole = $this->decoded($input);
        foreach ($whole instanceof stdClass ? [$input] : explode("\n", $input) as $text) {
            if (trim($text) === '') {
                continue;
            }
            yield JsonText::encode($this->answer($text));
        }
    }

    public function anyRefused(): bool
    {
        return $this->refused;
    }

    /** @return array<string, mixed> */
    private function answer(string $text): array
    {
        try {
            $document = $this->decoded($text);

            return $this->calculation->answer($document instanceof stdClass ? $document : throw JsonText::unreadable($text));
        } catch (Refusal $refusal) {
            $this->refused = true;

            return JsonText::error($refusal);
        }
    }

    private function decoded(string $text): mixed
    {
        try {
            return JsonText::decode($text);
        } catch (JsonException) {
            return null;
        }
    }
}
