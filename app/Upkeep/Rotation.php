<?php

namespace App\Upkeep;

use DateTimeImmutable;

/**
 * Which backups stay: the newest of each of the last seven days, of each of the last four weeks and of each of the last twelve
 * months that have one. Counted by what there is, not by the calendar: a shop that was shut for a month loses nothing by it.
 */
final class Rotation
{
    private const STAYS = ['Y-m-d' => 7, 'o-W' => 4, 'Y-m' => 12];

    private const NAME = '/^moltrek-(\d{8}-\d{6})\.tar\.gz$/D';

    /**
     * @param  list<string>  $names  of files
     * @return list<string> those that go; what is no backup of ours stays
     */
    public static function goes(array $names): array
    {
        $made = [];
        foreach ($names as $name) {
            if (preg_match(self::NAME, $name, $part) === 1 && ($at = DateTimeImmutable::createFromFormat('Ymd-His', $part[1])) !== false) {
                $made[$name] = $at;
            }
        }
        arsort($made);
        $stays = [];
        foreach (self::STAYS as $span => $count) {
            $newest = [];
            foreach ($made as $name => $at) {
                $newest[$at->format($span)] ??= $name;
            }
            array_push($stays, ...array_slice(array_values($newest), 0, $count));
        }

        return array_values(array_diff(array_keys($made), $stays));
    }
}
