<?php

namespace Moltrek\Core\Scheduling;

use Moltrek\Core\Quantity\Day;

/** The days of the week on which a shop opens: what a delivery is counted by. A shop that never opens counts every day. */
final readonly class OpenDays
{
    private const SUNDAY = 7;

    /** @param  list<int>  $weekdays  1 is Monday */
    private function __construct(private array $weekdays)
    {
    }

    public static function of(OpeningHours $hours): self
    {
        return new self(array_keys(array_filter($hours->byWeekday)));
    }

    /** The day that comes so many open days after this one. */
    public function later(Day $from, int $days): Day
    {
        $day = $from;
        for ($left = $days; $left > 0;) {
            $day = $day->later(1);
            $left -= $this->isOpenOn($day) ? 1 : 0;
        }

        return $day;
    }

    /** @return list<int> the weekdays on which the shop never opens, Sunday as 0 */
    public function closed(): array
    {
        $closed = array_map(static fn (int $weekday): int => $weekday % self::SUNDAY, array_diff(range(1, self::SUNDAY), $this->weekdays));
        sort($closed);

        return $closed;
    }

    private function isOpenOn(Day $day): bool
    {
        return $this->weekdays === [] || in_array($day->weekday(), $this->weekdays, true);
    }
}
