<?php

namespace App\OpenApi;

use Moltrek\Core\Log\Kinds;

/** What each kind of entry states of its payload, for the forms of the front end: what is typed at a key, and whether it must be. */
final class Statements
{
    /** The module of the front end: resources/js/app/statements.ts. */
    public static function text(): string
    {
        $kinds = array_map(static fn (string $kind): array => self::keys($kind::payload()->schema()), Kinds::all());

        return "/** What each kind of entry states of its payload: by key, what is typed and whether it must be. Generated: `php artisan moltrek:openapi`. */\n"
            .'export const STATED = '.json_encode($kinds, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_FORCE_OBJECT | JSON_THROW_ON_ERROR)
            ." as const\n";
    }

    /**
     * @param  array<string, mixed>  $schema  of a payload
     * @return array<string, array{is: string, needed: bool}>
     */
    private static function keys(array $schema): array
    {
        $keys = [];
        foreach (is_array($schema['properties'] ?? null) ? $schema['properties'] : [] as $key => $stated) {
            $keys[(string) $key] = [
                'is' => self::sort(is_array($stated) ? $stated : []),
                'needed' => in_array($key, is_array($schema['required'] ?? null) ? $schema['required'] : [], true),
            ];
        }

        return $keys;
    }

    /**
     * A dimension for a figure with its unit, else text, flag, number, day, choice; what is made of several is none of them.
     *
     * @param  array<mixed>  $schema  of one key
     */
    private static function sort(array $schema): string
    {
        return match (true) {
            is_string($schema['x-dimension'] ?? null) => $schema['x-dimension'],
            isset($schema['x-enum']), isset($schema['enum']) => 'choice',
            ($schema['format'] ?? null) === 'date' => 'day',
            ($schema['type'] ?? null) === 'string' => 'text',
            ($schema['type'] ?? null) === 'boolean' => 'flag',
            in_array($schema['type'] ?? null, ['integer', 'number'], true) => 'number',
            default => 'several',
        };
    }
}
