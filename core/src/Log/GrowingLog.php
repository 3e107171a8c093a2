<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Sheet\EngineSheet;

/**
 * A log that grows entry by entry, each admitted to the build as it stands then. It is folded on from where it was, and anew
 * only when an entry reaches back: one that strikes another out, or that happened earlier. It is for trying out: what a plan would
 * be if this were done.
 */
final class GrowingLog
{
    /** @var list<Entry> */
    private array $entries = [];

    /** @var array<string, Spot> */
    private readonly array $spots;

    private ?Totals $totals = null;

    public function __construct(private readonly EngineSheet $sheet, private readonly Basis $given)
    {
        $this->spots = Catalogue::of($sheet);
    }

    public function before(): Before
    {
        return new Before($this->sheet, $this->spots, fn (): BuildState => $this->state(), isTrial: true);
    }

    public function add(Entry $entry): void
    {
        $last = $this->entries[count($this->entries) - 1] ?? null;
        $this->entries[] = $entry;
        if ($entry->said instanceof EntryStruck || $last?->isAfter($entry) === true) {
            $this->totals = null;
        } elseif ($this->totals !== null) {
            $entry->said->apply($this->totals, $entry);
        }
    }

    /** The build at the end of the log so far, or at a later moment; it is true until the log grows. */
    public function state(?DateTimeImmutable $now = null): BuildState
    {
        $entries = Build::inOrder($this->entries);
        $struck = EntryStruck::among($entries);
        $this->totals ??= Build::fold($this->sheet, $this->spots, $entries, $struck, $this->given);
        $now ??= $entries === [] ? new DateTimeImmutable('@0') : $entries[count($entries) - 1]->at;

        return new BuildState($this->sheet, $this->spots, $entries, $struck, $this->totals, $now, $this->given);
    }
}
