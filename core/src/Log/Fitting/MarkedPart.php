<?php

namespace Moltrek\Core\Log\Fitting;

use Moltrek\Core\Fitting\GradeProof;
use Moltrek\Core\Fitting\MarkKind;
use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Fitting\PlainShell;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Grade;

/** A marked part of a build: the mark that was read, and what the readings say of it. */
final readonly class MarkedPart
{
    /** @param  Verdict|null  $proof  null where no mark has been read, and where the mark is a number */
    private function __construct(public MarkPlace $place, public ?string $mark, public ?Verdict $proof, private ?Length $room = null)
    {
    }

    /** How far at most a tool may be out that tells of every mark that is too close to call; null where none would. */
    public static function doubtThatTells(BuildState $state): ?Length
    {
        $rooms = array_filter(self::roomsOfDoubt($state), static fn (Length $room): bool => $room->nanometres > 0);

        return $rooms === [] ? null : Length::smallest(...array_values($rooms));
    }

    /** How many marks are too close to call with a reading on the very edge between two groups, where no tool tells. */
    public static function onTheEdge(BuildState $state): int
    {
        return count(array_filter(self::roomsOfDoubt($state), static fn (Length $room): bool => $room->nanometres === 0));
    }

    /** @return list<Length> from the readings to the edge of the group, of each mark that is too close to call */
    private static function roomsOfDoubt(BuildState $state): array
    {
        $rooms = array_map(
            static fn (self $part): ?Length => $part->proof?->state === State::Unsure ? $part->room : null,
            array_values(self::all($state)),
        );

        return array_values(array_filter($rooms));
    }

    private static function room(Grade $grade, Interval ...$readings): ?Length
    {
        $rooms = array_map(static fn (Interval $reading): int|float => min(
            abs($reading->nominal - $grade->min->nanometres), abs($grade->max->nanometres - $reading->nominal),
        ), array_values($readings));

        return $rooms === [] ? null : Length::ofNanometres(min($rooms));
    }

    /** @return array<string, self> by place */
    public static function all(BuildState $state): array
    {
        return array_map(static function (MarkPlace $place) use ($state): self {
            $mark = $state->marks->at($place->id);
            $grade = $mark === null ? null : $place->grade($mark);

            $readings = $grade === null ? [] : self::readings($state, $place);

            return $grade === null
                ? new self($place, $mark, null)
                : new self($place, $mark, GradeProof::of($grade, ...$readings), self::room($grade, ...$readings));
        }, MarkPlace::on($state->sheet));
    }

    /**
     * The plain shells that the marks ask for, where both have been read: code = case − crank (rod − crankpin) − offset.
     *
     * @return array<string, PlainShell|null> by the id of the assessment that proves it
     */
    public static function shells(BuildState $state): array
    {
        $table = $state->sheet->limits->shells;
        $shells = [];
        foreach ($table === null ? [] : MarkPlace::on($state->sheet) as $place) {
            [$inner, $proof, $offset] = match ($place->kind) {
                MarkKind::CaseMain => ['crank_at_main.', 'main_oil_clearance.', $table->mainOffset ?? 0],
                MarkKind::Rod => ['crankpin.', 'big_end_oil_clearance.', $table->rodOffset ?? 0],
                default => [null, '', 0],
            };
            if ($inner !== null) {
                [$a, $b] = [$state->marks->at($place->id), $state->marks->at($inner.$place->part)];
                $shells[$proof.$place->part] = $a === null || $b === null ? null : PlainShell::of(
                    $place->part,
                    (int) $a,
                    (int) $b,
                    $offset,
                    $table->colours ?? [],
                );
            }
        }

        return $shells;
    }

    /** @return list<Interval> */
    private static function readings(BuildState $state, MarkPlace $place): array
    {
        $own = array_filter(
            $state->readings->all(),
            static fn (Reading $reading): bool => $reading->spot->is($place->kind->value) && $reading->spot->isOf($place->part),
        );

        return array_values(array_filter(array_map(static fn (Reading $reading) => $reading->sizeInterval(), $own)));
    }
}
