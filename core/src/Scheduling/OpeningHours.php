<?php

namespace Moltrek\Core\Scheduling;

use DateTimeZone;
use Exception;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;

/** When a shop is open in a week, by the clock on its wall: ranges such as "08:00-12:00" by day, and the zone of the clock. */
final readonly class OpeningHours
{
    private const DAYS = ['mon' => 1, 'tue' => 2, 'wed' => 3, 'thu' => 4, 'fri' => 5, 'sat' => 6, 'sun' => 7];

    private const RANGE = '/^([01]\d|2[0-3]):([0-5]\d)-(?:([01]\d|2[0-3]):([0-5]\d)|24:00)$/';

    /** @param  array<int, list<array{int, int}>>  $byWeekday  1 is Monday: seconds of the day, from and until, in order */
    private function __construct(public array $byWeekday)
    {
    }

    /**
     * @param  Fields  $in  with "hours", an object of lists by "mon" to "sun"
     *
     * @throws Refusal for what is no range, one that ends before it begins, and ranges of a day that overlap
     */
    public static function read(Fields $in): self
    {
        $days = $in->object('hours', ...array_keys(self::DAYS));
        $hours = [];
        foreach (self::DAYS as $name => $weekday) {
            $hours[$weekday] = self::day($in, $days, $name);
        }

        return new self($hours);
    }

    /** @throws Refusal for a zone that nobody keeps */
    public static function zone(Fields $in): DateTimeZone
    {
        $name = $in->textOrNull('zone', 60) ?? 'UTC';
        try {
            return in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? new DateTimeZone($name)
                : throw new Exception;
        } catch (Exception) {
            throw $in->placed(MalformedDocument::wrongSort($name, 'a time zone such as Europe/London'), 'zone');
        }
    }

    public function isEverOpen(): bool
    {
        return array_filter($this->byWeekday) !== [];
    }

    /** @return list<array{int, int}> */
    private static function day(Fields $in, Fields $days, string $name): array
    {
        $ranges = [];
        foreach ($days->texts($name) as $index => $text) {
            if (preg_match(self::RANGE, $text, $part) !== 1) {
                throw $days->placed(MalformedDocument::wrongSort($text, 'hours such as 08:00-12:00'), $name.'.'.$index);
            }
            $from = ((int) $part[1] * 60 + (int) $part[2]) * 60;
            $until = isset($part[3], $part[4]) ? ((int) $part[3] * 60 + (int) $part[4]) * 60 : 86_400;
            if ($until <= $from) {
                throw $in->placed(ContradictoryFields::excluded('hours', $name.' '.$text, 'The shop would close before it opens.',
                    'an end after its start'));
            }
            $ranges[] = [$from, $until];
        }
        sort($ranges);
        for ($i = 1; $i < count($ranges); $i++) {
            if ($ranges[$i][0] < $ranges[$i - 1][1]) {
                throw $in->placed(ContradictoryFields::excluded('hours', $name.' '.implode(', ', $days->texts($name)),
                    'Two ranges of a day overlap.', 'ranges one after the other'));
            }
        }

        return $ranges;
    }
}
