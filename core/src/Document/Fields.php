<?php

namespace Moltrek\Core\Document;

use BackedEnum;
use DateTimeImmutable;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Instant;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\UnreadableQuantity;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Quantity\WrongUnit;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/**
 * One JSON object while it is being read. Its known keys are stated first, any other is refused by its path; null counts
 * as missing. Every refusal names the field by a dotted path with list indexes.
 */
final readonly class Fields
{
    /** Control characters, but for tabs and line ends; U+0000 is one that no database keeps. */
    private const UNPRINTABLE = '/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/';

    /** No list that a person, a file or a program has reason to send is longer. */
    private const LONGEST_LIST = 10_000;

    private function __construct(private stdClass $object, private string $path)
    {
    }

    /**
     * @throws MalformedDocument when this is no object or holds a key that is not listed
     */
    public static function of(mixed $document, string ...$known): self
    {
        return self::at('', $document, array_values($known));
    }

    /** @param  list<string>  $known */
    private static function at(string $path, mixed $document, array $known): self
    {
        if (! $document instanceof stdClass) {
            throw MalformedDocument::notAnObject($document)->under($path);
        }
        foreach (array_keys(get_object_vars($document)) as $key) {
            if (! in_array((string) $key, $known, true)) {
                throw MalformedDocument::unknownKey((string) $key, $known)->under($path);
            }
        }

        return new self($document, $path);
    }

    /** These fields, once it is sure that a list among them is not too long; what is no list is refused where it is read. */
    public function limited(string $key, int $most): self
    {
        if (is_array($this->raw($key))) {
            $this->items($key, $most);
        }

        return $this;
    }

    public function has(string $key): bool
    {
        return isset($this->object->{$key});
    }

    /** These fields, once it is sure that the key is there. */
    public function required(string $key, string $allowed = 'a list'): self
    {
        return $this->has($key) ? $this : throw $this->placed(MalformedDocument::missing($key, $allowed));
    }

    public function raw(string $key): mixed
    {
        return $this->object->{$key} ?? null;
    }

    public function isText(string $key): bool
    {
        return is_string($this->raw($key));
    }

    /** A refusal raised about one of this object's fields, with the whole path. */
    public function placed(Refusal $refusal, string $key = ''): Refusal
    {
        return $refusal->under($this->path($key));
    }

    /**
     * Runs what a core class says of these fields, so that its refusals carry the whole path.
     *
     * @template T
     *
     * @param  callable(): T  $reading
     * @return T
     */
    public function placing(callable $reading, string $key = ''): mixed
    {
        try {
            return $reading();
        } catch (Refusal $refusal) {
            throw $this->placed($refusal, $key);
        }
    }

    public function object(string $key, string ...$known): self
    {
        if (! $this->has($key)) {
            throw $this->placed(MalformedDocument::missing($key, 'an object'));
        }

        return self::at($this->path($key), $this->raw($key), array_values($known));
    }

    public function objectOrNull(string $key, string ...$known): ?self
    {
        return $this->has($key) ? $this->object($key, ...$known) : null;
    }

    /** An object whose keys are names, not fields. */
    public function named(string $key): self
    {
        $raw = $this->raw($key);
        if (! $raw instanceof stdClass) {
            throw $this->placed($raw === null ? MalformedDocument::missing('', 'an object') : MalformedDocument::notAnObject($raw), $key);
        }

        return new self($raw, $this->path($key));
    }

    /** @return list<string> */
    public function keys(): array
    {
        return array_map(strval(...), array_keys(get_object_vars($this->object)));
    }

    /**
     * A list, each item seen as a field of its own under its index.
     *
     * @return list<self> objects with the one key that is their index
     */
    public function items(string $key, int $most = self::LONGEST_LIST): array
    {
        $raw = $this->raw($key);
        if ($raw === null) {
            throw $this->placed(MalformedDocument::missing($key, 'a list'));
        }
        if (! is_array($raw)) {
            throw $this->placed(MalformedDocument::wrongSort($raw, 'a list'), $key);
        }
        if (count($raw) > $most) {
            throw $this->placed(MalformedDocument::wrongSort(count($raw).' of them', sprintf('a list of at most %d', $most)), $key);
        }

        return array_map(
            fn (int $index, mixed $item): self => new self((object) [(string) $index => $item], $this->path($key)),
            array_keys($raw),
            array_values($raw),
        );
    }

    /** @return list<self> a list of objects with these keys; an empty list when missing */
    public function objects(string $key, string ...$known): array
    {
        if (! $this->has($key)) {
            return [];
        }

        return array_map(static fn (self $item): self => $item->object($item->keys()[0], ...$known), $this->items($key));
    }

    public function text(string $key, int $longest = 2000): string
    {
        $text = $this->textOrNull($key, $longest);
        if ($text === null || trim($text) === '') {
            throw $this->placed(MalformedDocument::missing($key, 'a text'));
        }

        return $text;
    }

    public function textOrNull(string $key, int $longest = 2000): ?string
    {
        $raw = $this->raw($key);
        if ($raw !== null && ! is_string($raw)) {
            throw $this->placed(MalformedDocument::wrongSort($raw, 'a text'), $key);
        }
        if ($raw !== null && preg_match(self::UNPRINTABLE, $raw) === 1) {
            throw $this->placed(MalformedDocument::wrongSort($raw, 'a text without control characters'), $key);
        }
        if ($raw !== null && mb_strlen($raw) > $longest) {
            throw $this->placed(MalformedDocument::wrongSort($raw, sprintf('a text of at most %d characters', $longest)), $key);
        }

        return $raw;
    }

    /** @return list<string> */
    public function texts(string $key): array
    {
        return $this->has($key) ? array_map(static fn (self $item): string => $item->text($item->keys()[0]), $this->items($key)) : [];
    }

    /**
     * A text, or a list of them.
     *
     * @return list<string>
     */
    public function textOrTexts(string $key): array
    {
        return is_string($this->raw($key)) ? [$this->text($key)] : $this->texts($key);
    }

    /** One of these words. */
    public function word(string $key, string ...$allowed): string
    {
        $word = $this->text($key);

        return in_array($word, $allowed, true) ? $word
            : throw $this->placed(MalformedDocument::wrongSort($word, 'one of '.implode(', ', $allowed)), $key);
    }

    /** The id of something kept, in lower case. */
    public function uuidOrNull(string $key, string $what): ?string
    {
        $text = $this->textOrNull($key, 60);
        if ($text !== null && preg_match('/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/D', $text) !== 1) {
            throw $this->placed(MalformedDocument::wrongSort($text, $what), $key);
        }

        return $text;
    }

    /** A day of the calendar; an empty text is none. */
    public function dayOrNull(string $key): ?Day
    {
        $text = $this->textOrNull($key, 40);

        return $text === null || $text === '' ? null : $this->placing(static fn (): Day => Day::of($text), $key);
    }

    public function instant(string $key): DateTimeImmutable
    {
        $text = $this->text($key, 60);

        return $this->placing(static fn (): DateTimeImmutable => Instant::of($text), $key);
    }

    public function flag(string $key): bool
    {
        $raw = $this->raw($key) ?? false;
        if (! is_bool($raw)) {
            throw $this->placed(MalformedDocument::wrongSort($raw, 'true or false'), $key);
        }

        return $raw;
    }

    public function whole(string $key, int $least = 0, int $most = PHP_INT_MAX): int
    {
        $raw = $this->raw($key);
        if (! is_int($raw) || $raw < $least || $raw > $most) {
            throw $this->placed(
                $raw === null ? MalformedDocument::missing('', 'a whole number') : MalformedDocument::wrongSort(
                    $raw,
                    sprintf('a whole number from %d to %d', $least, $most),
                ),
                $key,
            );
        }

        return $raw;
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function choice(string $key, string $enum): BackedEnum
    {
        $read = $this->text($key);

        return $enum::tryFrom($read)
            ?? throw $this->placed(
                MalformedDocument::wrongSort(
                    $read,
                    'one of '.implode(', ', array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases())),
                ),
                $key,
            );
    }

    /**
     * @template E of BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E|null
     */
    public function choiceOrNull(string $key, string $enum): ?BackedEnum
    {
        return $this->has($key) ? $this->choice($key, $enum) : null;
    }

    /** A quantity of any dimension, its own unit kept. */
    public function quantity(string $key, ?Dimension $dimension = null): WrittenQuantity
    {
        $raw = $this->raw($key);
        if ($raw === null) {
            throw $this->placed(MalformedDocument::missing($key, $dimension?->example() ?? 'a number with its unit'));
        }

        return $this->placing(static function () use ($raw, $dimension): WrittenQuantity {
            if (! is_string($raw)) {
                throw UnreadableQuantity::in($raw, $dimension);
            }
            $written = WrittenQuantity::of($raw, $dimension);
            if ($dimension !== null && $written->unit->dimension !== $dimension) {
                throw WrongUnit::expected($written, $dimension);
            }

            return $written;
        }, $key);
    }

    /** A figure of any dimension that is not negative. */
    public function figureOrNull(string $key, ?Dimension $dimension = null): ?Figure
    {
        if (! $this->has($key)) {
            return null;
        }
        $written = $this->quantity($key, $dimension);
        if ($written->base() < 0) {
            throw $this->placed(OutOfDomain::negative($this->text($key)), $key);
        }

        return new Figure($written->unit->dimension, $written->base());
    }

    /** A length that may have any sign: a deviation, a limit of a fit. */
    public function signedLength(string $key): Length
    {
        return Length::ofNanometres($this->quantity($key, Dimension::Length)->base());
    }

    /** A length of zero or more. */
    public function length(string $key): Length
    {
        $length = $this->signedLength($key);
        if ($length->nanometres < 0) {
            throw $this->placed(OutOfDomain::negative($this->text($key)), $key);
        }

        return $length;
    }

    public function lengthOrNull(string $key): ?Length
    {
        return $this->has($key) ? $this->length($key) : null;
    }

    /** A length of more than zero: a bore, a piston, a leaf. */
    public function size(string $key): Length
    {
        $length = $this->length($key);
        if (! $length->isPositive()) {
            throw $this->placed(OutOfDomain::notPositive($this->text($key)), $key);
        }

        return $length;
    }

    public function sizeOrNull(string $key): ?Length
    {
        return $this->has($key) ? $this->size($key) : null;
    }

    /** An angle of any sign, in billionths of a degree. */
    public function angle(string $key): int|float
    {
        return $this->quantity($key, Dimension::Angle)->base();
    }

    /** A quantity of more than zero, in its canonical unit. */
    public function positive(string $key, Dimension $dimension): float
    {
        $base = $this->quantity($key, $dimension)->base();
        if ($base <= 0) {
            throw $this->placed(OutOfDomain::notPositive($this->text($key)), $key);
        }

        return $dimension->canonicalValue($base);
    }

    /** A plain number of more than zero: a count, a rate. */
    public function number(string $key): float
    {
        $raw = $this->raw($key);
        if ($raw === null) {
            throw $this->placed(MalformedDocument::missing($key, 'a number of more than zero'));
        }
        if ((! is_int($raw) && ! is_float($raw)) || $raw <= 0) {
            throw $this->placed(MalformedDocument::wrongSort($raw, 'a number of more than zero'), $key);
        }

        return (float) $raw;
    }

    private function path(string $key): string
    {
        return $key === '' ? $this->path : ($this->path === '' ? $key : $this->path.'.'.$key);
    }
}
