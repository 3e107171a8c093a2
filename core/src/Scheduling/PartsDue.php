<?php

namespace Moltrek\Core\Scheduling;

use DateTimeImmutable;
use DateTimeZone;
use Moltrek\Core\Quantity\Day;

/** When parts on order are counted on: as the shop opens on the last of their days. */
final readonly class PartsDue
{
    /** A part that nobody has promised a day for is counted on after so many days. */
    private const UNPROMISED = 7;

    /** Nothing is laid out further ahead than so many days; a part promised later is counted on then. */
    private const FURTHEST = 600;

    public function __construct(private Day $today, private OpeningHours $hours, private DateTimeZone $zone)
    {
    }

    /**
     * @param  list<Day|null>  $promised  of each part; null where no day was promised
     * @param  int  $late  days that all of them are tried later
     * @return DateTimeImmutable|null null where there is no part
     */
    public function at(array $promised, int $late = 0): ?DateTimeImmutable
    {
        if ($promised === []) {
            return null;
        }
        $days = array_map(fn (?Day $day): string => ($day ?? $this->today->later(self::UNPROMISED))->text, $promised);
        $day = Day::of(min(max($days), $this->today->later(self::FURTHEST)->text))->later($late);
        $midnight = new DateTimeImmutable($day->text.' 00:00:00', $this->zone);
        $calendar = new WorkCalendar($this->hours->byWeekday, $this->zone, $midnight->getTimestamp());

        return $calendar->isEverOpen() ? $midnight->setTimestamp($calendar->nextOpen($midnight->getTimestamp())) : $midnight;
    }
}
