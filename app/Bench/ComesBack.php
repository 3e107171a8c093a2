<?php

namespace App\Bench;

use App\Http\Shapes\ComesBackShape;
use App\Models\Rechecks;
use DateTimeImmutable;
use Moltrek\Core\Planning\Promise;

/** What is to be looked at again on machines that went out, as floor, dates and calendar take it. */
final readonly class ComesBack
{
    /** So many days ahead it stands on the floor. */
    public const SOON = 14;

    public function __construct(private DateTimeImmutable $now)
    {
    }

    /** @return list<ComesBackShape> the earliest first */
    public function shapes(?int $within = null): array
    {
        $shapes = array_map($this->shape(...), Rechecks::due());
        $until = $within === null ? null : $this->now->modify("+$within days")->format('Y-m-d');

        return array_values(array_filter($shapes, static fn (ComesBackShape $each): bool => $until === null || $each->due <= $until));
    }

    /** @param  array{id: string, job: int, machine: string, owner: string, what: string, due: string}  $row */
    private function shape(array $row): ComesBackShape
    {
        $left = Promise::daysLeft($this->now, new DateTimeImmutable($row['due']));

        return new ComesBackShape(
            id: $row['id'],
            job: $row['job'],
            machine: $row['machine'],
            owner: $row['owner'],
            what: $row['what'],
            due: $row['due'],
            inWords: Promise::inWords($left),
            late: $left < 0,
        );
    }
}
