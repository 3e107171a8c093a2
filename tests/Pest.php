<?php

use App\Calculations\Registry;
use Tests\TestCase;

pest()->extend(TestCase::class)->in('Feature');

/** What a calculation answers, a part of it by its dotted path; a quantity by its value. */
function calculated(string $name, string $document, string $path): mixed
{
    $answer = json_decode((string) json_encode(Registry::named($name)->answer(json_decode($document))), true);
    $part = data_get($answer, $path);

    return is_array($part) && array_keys($part) === ['value', 'unit'] ? $part['value'] : $part;
}

function expectAnswers(string $name, string $document, array $expected): void
{
    foreach ($expected as $path => $value) {
        $answer = calculated($name, $document, $path);
        is_float($value) ? expect($answer)->toEqualWithDelta($value, 1e-9, $path) : expect($answer)->toBe($value, $path);
    }
}
