<?php

namespace Moltrek\Core\Log\Measuring;

use DateTimeImmutable;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\RepeatReading;
use Moltrek\Core\Measuring\RepeatReadings;
use Moltrek\Core\Measuring\Round;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/** What has been read where, what of it still holds, and what it was before. */
final class Readings
{
    /** @var array<string, Entry> the last reading of each spot */
    private array $standing = [];

    /** @var array<string, StaleReading> readings that no longer hold and have not been taken again, by spot */
    private array $stale = [];

    /** @var array<string, string> how far the engine was together when the standing reading was taken, by spot */
    private array $takenIn = [];

    /** @var array<string, Entry> the first reading of each spot: the before of what goes out */
    private array $first = [];

    /** @var array<string, list<Entry>> the readings of each spot that are one reading taken again, the standing one last */
    private array $repeats = [];

    private ?DateTimeImmutable $worked = null;

    /** @var array<string, Reading>|null */
    private ?array $all = null;

    /** @param  array<string, Spot>  $spots */
    public function __construct(private readonly EngineSheet $sheet, private readonly array $spots)
    {
    }

    public function take(Entry $entry, ReadingTaken $said, string $takenIn): void
    {
        $made = count($this->repeats[$said->spot] ?? []);
        if ($made === 0 || ! $this->isRepeat($this->repeats[$said->spot][$made - 1], $entry, $said)) {
            $this->repeats[$said->spot] = [];
        }
        $this->repeats[$said->spot][] = $entry;
        $this->standing[$said->spot] = $entry;
        $this->first[$said->spot] ??= $entry;
        $this->takenIn[$said->spot] = $takenIn;
        unset($this->stale[$said->spot]);
        $this->all = null;
    }

    /** Within a minute, or said to be one, with no work on the engine between. */
    private function isRepeat(Entry $last, Entry $entry, ReadingTaken $said): bool
    {
        return RepeatReadings::isRepeat(
            new RepeatReading($last->at, 0),
            new RepeatReading($entry->at, 0, $said->isAgain()),
            $this->worked === null ? [] : [$this->worked],
        );
    }

    /** Something was done to the engine: what is read from now on is no repeat of what was read before. */
    public function work(Entry $by): void
    {
        $this->worked = $by->at;
    }

    public function undo(Undone $undone): void
    {
        $this->work($undone->by);
        foreach ($this->standing as $id => $reading) {
            $spot = $this->spots[$id] ?? null;
            if ($spot !== null && $undone->stales($spot)) {
                $this->stale[$id] = new StaleReading($reading, $undone->by, $undone->why);
                unset($this->standing[$id]);
            }
        }
        $this->all = null;
    }

    /** The reading at one place no longer holds, because of what was done to its part. */
    public function noMore(string $spot, Entry $by, string $why): void
    {
        if (isset($this->standing[$spot])) {
            $this->stale[$spot] = new StaleReading($this->standing[$spot], $by, $why);
            unset($this->standing[$spot]);
            $this->all = null;
        }
    }

    /** @return array<string, Reading> the readings that stand, by spot */
    public function all(): array
    {
        if ($this->all === null) {
            $this->all = [];
            foreach ($this->standing as $id => $entry) {
                $reading = $this->of($entry);
                if ($reading !== null) {
                    $this->all[$id] = $this->withRepeats($reading, $this->repeats[$id] ?? []);
                }
            }
        }

        return $this->all;
    }

    /**
     * A reading with those that it repeats: back to the last that was no figure read outright.
     *
     * @param  list<Entry>  $entries  of one spot, the standing one among them or none
     */
    private function withRepeats(Reading $reading, array $entries): Reading
    {
        $figures = [];
        foreach (array_reverse($entries) as $entry) {
            $of = $this->of($entry);
            $figure = $of?->mayRepeat() === true ? $of->base() : null;
            if ($figure === null) {
                break;
            }
            $figures[] = $figure;
        }

        return count($figures) < 2 ? $reading : $reading->repeated(new Round(array_reverse($figures), $reading->doubt()));
    }

    /** The reading that stands at a spot. */
    public function at(string $spot): ?Reading
    {
        return $this->all()[$spot] ?? null;
    }

    /** The entry whose reading stands at a spot. */
    public function entryAt(string $spot): ?Entry
    {
        return isset($this->all()[$spot]) ? $this->standing[$spot] : null;
    }

    /** What an entry's reading says, as its place is read by the sheet of this build. */
    public function of(Entry $entry): ?Reading
    {
        $spot = $entry->said instanceof ReadingTaken ? $this->spots[$entry->said->spot] ?? null : null;

        return $entry->said instanceof ReadingTaken && $spot !== null ? $entry->said->at($spot) : null;
    }

    /** What was read here and no longer holds, until it is read again. */
    public function staleAt(string $spot): ?StaleReading
    {
        return $this->stale[$spot] ?? null;
    }

    /** The first reading here, if another has followed it. */
    public function firstAt(string $spot): ?Entry
    {
        $first = $this->first[$spot] ?? null;

        return $first === ($this->standing[$spot] ?? null) ? null : $first;
    }

    /** The smallest of the first readings at the places whose ids begin so: a bore as it was before anybody worked on it. */
    public function firstSmallest(string $places): ?Length
    {
        $first = array_filter($this->first, static fn (string $spot): bool => str_starts_with($spot, $places.'.'), ARRAY_FILTER_USE_KEY);
        $sizes = array_filter(array_map(fn (Entry $entry): ?Length => $this->of($entry)?->size(), $first));

        return array_reduce($sizes, static fn (?Length $least, Length $size): Length => $least === null || $size->isLessThan($least)
            ? $size : $least);
    }

    /** Whether a place is over a crown, and hangs on what lies below its barrel. */
    public function isOfCrown(string $spot): bool
    {
        return ($this->spots[$spot] ?? null)?->form()->isOfCrown() === true;
    }

    /** @return list<Length> what else stands of the bore that a place is in, and of its piston */
    public function beside(Spot $spot): array
    {
        $sizes = array_map(static fn (Reading $reading): ?Length => $reading->spot->id !== $spot->id && $reading->spot->about !== null
            && $reading->spot->at->cylinder === $spot->at->cylinder ? $reading->size() : null, $this->all());

        return array_values(array_filter($sizes));
    }

    /** How far the engine was together when the standing reading of a place was taken. */
    public function takenIn(string $spot): ?string
    {
        return isset($this->standing[$spot]) ? $this->takenIn[$spot] ?? null : null;
    }

    /**
     * The places this engine is not measured without.
     *
     * @return array<string, Spot>
     */
    public function expected(): array
    {
        return array_filter($this->spots, static fn (Spot $spot): bool => $spot->expected);
    }

    /** The slab a place is read on. */
    public function slabOf(Spot $spot): Slab
    {
        return $spot->slabOn($this->sheet);
    }
}
