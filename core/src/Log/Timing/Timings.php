<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\MarkedFor;
use Moltrek\Core\Sheet\TimingMark;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Timing\CamMarkRead;

/** What was read and moved of dead centre, ignition and cams, and what of it still holds. */
final class Timings
{
    /** @var array<string, list<Entry>> pairs since the wheel was last set, by cylinder */
    private array $pairs = [];

    /** @var array<string, Entry> when the wheel was set, by cylinder */
    private array $set = [];

    /** @var list<IgnitionRound> */
    private array $rounds = [];

    /** @var list<array{IgnitionMoved, Entry}> */
    private array $moves = [];

    /** @var array<string, Entry> new marks, by the one that was off */
    private array $punched = [];

    /** @var array<string, list<CamReading>> by cam */
    private array $cams = [];

    /** @var array<string, string> how a bank’s cams were last moved */
    private array $camsMoved = [];

    /** @var array<string, list<Entry>> events that stand, the last last, by cylinder and side */
    private array $events = [];

    public function __construct(private readonly EngineSheet $sheet)
    {
    }

    public function readPair(string $cylinder, Entry $entry): void
    {
        $this->pairs[$cylinder][] = $entry;
    }

    public function setWheel(string $cylinder, Entry $entry): void
    {
        $this->set[$cylinder] = $entry;
        $this->pairs[$cylinder] = [];
    }

    /** @return list<Entry> */
    public function pairsOf(string $cylinder): array
    {
        return $this->pairs[$cylinder] ?? [];
    }

    public function wheelSetBy(string $cylinder): ?Entry
    {
        return $this->set[$cylinder] ?? null;
    }

    public function readIgnition(IgnitionRound $round): void
    {
        $this->rounds[] = $round;
    }

    public function moveIgnition(IgnitionMoved $said, Entry $entry): void
    {
        $this->moves[] = [$said, $entry];
        $this->ignitionStale('moved since');
    }

    /** @return list<IgnitionRound> of one cylinder, or of all that have no point of their own */
    public function rounds(?string $cylinder = null): array
    {
        return array_values(array_filter($this->rounds,
            static fn (IgnitionRound $round): bool => $cylinder === null || $round->said->cylinder === $cylinder));
    }

    public function movedBy(): ?Entry
    {
        return $this->moves === [] ? null : $this->moves[count($this->moves) - 1][1];
    }

    /** @return list<IgnitionMoved> moves of plate or pick-up between two readings of a point */
    public function movesBetween(Entry $earlier, Entry $later): array
    {
        $between = array_filter($this->moves,
            static fn (array $move): bool => $move[1]->isAfter($earlier) && $later->isAfter($move[1]));

        return array_column($between, 0);
    }

    /**
     * Cylinders whose point is read for itself, because a mark of their own says so; else the first speaks for all.
     *
     * @return list<string|null>
     */
    public function timedCylinders(): array
    {
        $own = array_values(array_unique(array_filter(array_map(
            static fn (TimingMark $mark): ?string => $mark->for === MarkedFor::Ignition ? $mark->cylinder : null,
            $this->sheet->marks->all,
        ))));

        return $own === [] ? [null] : $own;
    }

    /** Whether the last reading of every point stands inside. */
    public function ignitionIsInside(): bool
    {
        foreach ($this->timedCylinders() as $cylinder) {
            $rounds = $this->rounds($cylinder);
            if ($rounds === [] || ! $rounds[count($rounds) - 1]->isInside()) {
                return false;
            }
        }

        return true;
    }

    public function punch(MarkPunched $said, Entry $entry): void
    {
        $this->punched[$said->mark] = $entry;
    }

    public function punchedFor(string $mark): ?Entry
    {
        return $this->punched[$mark] ?? null;
    }

    public function readCam(CamMarksRead $said, CamMarkRead $read, Entry $entry): void
    {
        $this->cams[ltrim($said->bank.'.'.$said->cam, '.')][] = new CamReading($entry, $read, $said->isAfterTurns);
    }

    /** @return list<CamReading> the last last */
    public function camReadings(CamSeat $seat): array
    {
        return $this->cams[$seat->id()] ?? [];
    }

    public function lastCamReading(CamSeat $seat): ?CamReading
    {
        $all = $this->camReadings($seat);

        return $all === [] ? null : $all[count($all) - 1];
    }

    /** Whether the last reading of each cam of a bank stands on the right tooth; after two turns, where that is asked. */
    public function camsAreRight(string $bank, bool $afterTurns): bool
    {
        foreach (CamSeat::on($this->sheet) as $seat) {
            $last = $seat->bank === $bank ? $this->lastCamReading($seat) : null;
            if ($seat->bank === $bank
                && ($last === null || ! $last->stands() || ! $last->read->isRight() || ($afterTurns && ! $last->isAfterTurns))) {
                return false;
            }
        }

        return true;
    }

    public function moveCam(string $bank, string $how): void
    {
        $this->camsMoved[$bank] = $how;
        $this->camsStale($bank, 'cam '.$how);
    }

    public function camsMovedLast(string $bank): ?string
    {
        return $this->camsMoved[$bank] ?? null;
    }

    public function readEvents(Entry $entry): void
    {
        assert($entry->said instanceof CamEventsRead);
        $this->events[$entry->said->cylinder.'.'.$entry->said->side->value][] = $entry;
    }

    /** The events that were read last and still hold. */
    public function eventsOf(string $cylinder, ValveSide $side): ?Entry
    {
        $all = $this->events[$cylinder.'.'.$side->value] ?? [];

        return $all === [] ? null : $all[count($all) - 1];
    }

    /** @param  list<string>  $taken  steps that were taken back */
    public function undo(Undone $undone, array $taken): void
    {
        if ($undone->isBy(Act::OtherCases)) {
            $this->pairs = $this->set = [];
        }
        if ($undone->isBy(Act::RotorOff, Act::OtherCases) || in_array(TimingSteps::IGNITION, $taken, true)) {
            $this->ignitionStale($undone->why);
        }
        foreach (array_unique(array_column(CamSeat::on($this->sheet), 'bank')) as $bank) {
            $isTaken = array_intersect([TimingSteps::cams($bank), TimingSteps::twoTurns($bank)], $taken) !== [];
            if ($isTaken || $undone->isBy(Act::CamOut, Act::OtherCases)) {
                $this->camsStale($bank, $undone->why);
            }
        }
    }

    private function ignitionStale(string $why): void
    {
        $this->rounds = array_map(static fn (IgnitionRound $round): IgnitionRound => $round->noMoreBecause($why), $this->rounds);
    }

    private function camsStale(string $bank, string $why): void
    {
        foreach (CamSeat::on($this->sheet) as $seat) {
            if ($seat->bank !== $bank) {
                continue;
            }
            $this->cams[$seat->id()] = array_map(
                static fn (CamReading $reading): CamReading => $reading->noMoreBecause($why),
                $this->cams[$seat->id()] ?? [],
            );
            foreach ($seat->cylinders as $cylinder) {
                foreach ($seat->cam === 'cam' ? ValveSide::cases() : [ValveSide::from($seat->cam)] as $side) {
                    unset($this->events[$cylinder.'.'.$side->value]);
                }
            }
        }
    }
}
