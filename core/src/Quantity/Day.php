<?php

namespace Moltrek\Core\Quantity;

use DateTimeImmutable;
use DateTimeZone;
use Moltrek\Core\Refusal\MalformedDocument;

/** A day of the calendar, as it is typed and kept: "2026-11-30". The one way to read a day. */
final readonly class Day
{
    /** No machine is promised and no tool was checked outside these years. */
    private const YEARS = [2000, 2100];

    private function __construct(public string $text)
    {
    }

    /** @throws MalformedDocument for what is no day, or one that no calendar has */
    public static function of(string $text): self
    {
        return self::tryOf($text)
            ?? throw MalformedDocument::wrongSort(
                $text,
                sprintf('a day of the calendar such as 2026-11-30, from the years %d to %d', ...self::YEARS),
            );
    }

    public static function tryOf(string $text): ?self
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/D', $text, $part) !== 1) {
            return null;
        }
        $year = (int) $part[1];

        return checkdate((int) $part[2], (int) $part[3], $year) && $year >= self::YEARS[0]
            && $year < self::YEARS[1] ? new self($text) : null;
    }

    /** "Wed 25 Nov". */
    public function inWords(): string
    {
        return $this->midnight()->format('D j M');
    }

    /** So many days of the calendar later. */
    public function later(int $days): self
    {
        return self::of($this->midnight()->modify("+$days days")->format('Y-m-d'));
    }

    /** 1 is Monday. */
    public function weekday(): int
    {
        return (int) $this->midnight()->format('N');
    }

    public function midnight(): DateTimeImmutable
    {
        return new DateTimeImmutable($this->text.' 00:00:00', new DateTimeZone('UTC'));
    }
}
