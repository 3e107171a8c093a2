<?php

/**
 * Days that are like no other, each two minutes before its end in the zone of the demo shop, and one a good year away: a name and
 * the second, a line each.
 */
$zone = new DateTimeZone('Europe/London');
$now = new DateTimeImmutable('now', $zone);
echo 'far', "\t", $now->modify('+400 days')->getTimestamp(), "\n";
$end = $now->modify('last day of this month')->setTime(23, 58);
echo 'month', "\t", ($end > $now ? $end : $now->modify('last day of next month')->setTime(23, 58))->getTimestamp(), "\n";
foreach ($zone->getTransitions($now->getTimestamp() + 86_400, $now->getTimestamp() + 400 * 86_400) ?: [] as $index => $change) {
    // the first one says what holds today
    if ($index > 0) {
        echo $change['isdst'] ? 'spring' : 'autumn', "\t", (new DateTimeImmutable('@'.$change['ts']))->setTimezone($zone)->modify('-1 day')->setTime(23, 58)->getTimestamp(), "\n";
    }
}
