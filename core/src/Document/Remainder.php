<?php

namespace Moltrek\Core\Document;

use stdClass;

/**
 * A document from which what cannot be used is taken out piece by piece, so that the rest of it can be read on. Places are said as
 * they stand in the whole document, however much has been taken out before them.
 */
final class Remainder
{
    public readonly stdClass $document;

    /** @var array<string, list<int>> indexes in the whole document that were taken out, by the list they stood in */
    private array $taken = [];

    /** @var list<string> places in the whole document */
    private array $cuts = [];

    /** @var list<string> names of what was taken out */
    private array $names = [];

    public function __construct(stdClass $document)
    {
        $copy = unserialize(serialize($document), ['allowed_classes' => [stdClass::class]]);
        assert($copy instanceof stdClass);
        $this->document = $copy;
    }

    /** Where a place of what is left stands in the whole document. */
    public function original(string $place): string
    {
        $whole = [];
        foreach (self::keys($place) as $key) {
            if (ctype_digit($key)) {
                $index = (int) $key;
                foreach ($this->taken[implode('.', $whole)] ?? [] as $gone) {
                    $index += $gone <= $index ? 1 : 0;
                }
                $key = (string) $index;
            }
            $whole[] = $key;
        }

        return implode('.', $whole);
    }

    /**
     * Whether something is only wrong because of what was taken out: it lacks that, names it, or holds it.
     *
     * @param  string  $place  in what is left
     */
    public function explains(string $place, string $read): bool
    {
        $whole = $this->original($place);
        foreach ($this->cuts as $cut) {
            if ($whole === $cut || str_starts_with($cut, $whole.'.')) {
                return true;
            }
        }

        return in_array($read, $this->names, true);
    }

    /** Takes out what stands at a place; where nothing stands there, what should hold it. False where only the whole is left. */
    public function takeOut(string $place): bool
    {
        $keys = self::keys($place);
        while ($keys !== [] && ! $this->stands($keys)) {
            array_pop($keys);
        }
        if ($keys === []) {
            return false;
        }
        $last = array_pop($keys);
        $holder = &$this->holder($keys);
        $path = implode('.', $keys);
        $whole = $this->original($path === '' ? $last : $path.'.'.$last);
        $this->cuts[] = $whole;
        if ($holder instanceof stdClass) {
            unset($holder->{$last});
        } elseif (is_array($holder)) {
            $this->named($holder[(int) $last] ?? null);
            array_splice($holder, (int) $last, 1);
            $gone = $this->taken[$this->original($path)] ?? [];
            $gone[] = (int) substr((string) strrchr('.'.$whole, '.'), 1);
            sort($gone);
            $this->taken[$this->original($path)] = $gone;
        }

        return true;
    }

    private function named(mixed $member): void
    {
        foreach (['id', 'group'] as $key) {
            if ($member instanceof stdClass && is_string($member->{$key} ?? null)) {
                $this->names[] = $member->{$key};
            }
        }
    }

    /** @param  list<string>  $keys */
    private function stands(array $keys): bool
    {
        $last = (string) array_pop($keys);
        $holder = $this->holder($keys);

        return $holder instanceof stdClass ? property_exists($holder, $last)
            : is_array($holder) && ctype_digit($last) && array_key_exists((int) $last, $holder);
    }

    /** @param  list<string>  $keys */
    private function &holder(array $keys): mixed
    {
        $nothing = null;
        $at = $this->document;
        $holder = &$at;
        foreach ($keys as $key) {
            if ($holder instanceof stdClass && property_exists($holder, $key)) {
                $holder = &$holder->{$key};
            } elseif (is_array($holder) && ctype_digit($key) && array_key_exists((int) $key, $holder)) {
                $holder = &$holder[(int) $key];
            } else {
                return $nothing;
            }
        }

        return $holder;
    }

    /** @return list<string> */
    private static function keys(string $place): array
    {
        return $place === '' ? [] : explode('.', $place);
    }
}
