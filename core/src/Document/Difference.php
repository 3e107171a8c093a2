<?php

namespace Moltrek\Core\Document;

use stdClass;

/**
 * What is different between two documents, fact by fact: where it stands, what it was and what it is. The members of a list
 * are told by what names them (an id, a quantity with its source), not by their place.
 */
final readonly class Difference
{
    /** What names a member of a list. */
    private const NAMES = ['id', 'quantity', 'of', 'source', 'group', 'part', 'replaces', 'what', 'text'];

    private function __construct(public string $path, public ?string $before, public ?string $after)
    {
    }

    /**
     * @param  list<string>  $without  keys of the document that do not count
     * @return list<self> in the order of the document
     */
    public static function between(mixed $before, mixed $after, array $without = []): array
    {
        [$was, $is] = [self::facts($before), self::facts($after)];
        $counts = static fn (string $path): bool => ! in_array(explode('.', $path, 2)[0], $without, true);
        $differences = [];
        foreach (array_filter(array_keys($was + $is), static fn (int|string $path): bool => $counts((string) $path)) as $path) {
            if (($was[$path] ?? null) !== ($is[$path] ?? null)) {
                $differences[] = new self((string) $path, $was[$path] ?? null, $is[$path] ?? null);
            }
        }

        return $differences;
    }

    /** @return array<string, string> what is said, by where it stands */
    private static function facts(mixed $document, string $at = ''): array
    {
        if (is_array($document) && $document !== [] && array_filter($document, is_scalar(...)) === $document) {
            return [$at => implode(', ', array_map(self::text(...), $document))];
        }
        if (! $document instanceof stdClass && ! is_array($document)) {
            return [$at => self::text($document)];
        }
        $facts = [];
        foreach ((array) $document as $key => $value) {
            $name = is_array($document) ? self::named($value) ?? (string) $key : (string) $key;
            $facts += self::facts($value, $at === '' ? $name : $at.'.'.$name);
        }

        return $facts;
    }

    private static function named(mixed $member): ?string
    {
        if (! $member instanceof stdClass) {
            return null;
        }
        $names = array_filter(array_map(static fn (string $key): string => self::text($member->{$key} ?? ''), self::NAMES));

        return $names === [] ? null : implode(' ', $names);
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            is_array($value) => implode(', ', array_map(self::text(...), $value)),
            default => '',
        };
    }
}
