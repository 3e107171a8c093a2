<?php

namespace App\Calculations;

use JsonException;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/** JSON in and out as the open interface wants it: objects stay objects, one answer is one line. */
final class JsonText
{
    /** @throws JsonException */
    public static function decode(string $text): mixed
    {
        return json_decode($text, false, 512, JSON_THROW_ON_ERROR);
    }

    /** One line: figures not rounded, UTF-8 as it is, whatever splits lines escaped. */
    public static function encode(mixed $value): string
    {
        $json = json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE | JSON_THROW_ON_ERROR);

        return str_replace("\u{0085}", '\u0085', $json);
    }

    /** @return array{error: array<string, string>} */
    public static function error(Refusal $refusal): array
    {
        return ['error' => $refusal->toArray()];
    }

    public static function unreadable(string $text): Refusal
    {
        return MalformedDocument::notAnObject($text);
    }
}
