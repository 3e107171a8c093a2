<?php

namespace App\Actions;

use App\Build\Shop;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Sheet\EngineSheet;

/** A job's log while a batch goes into it: replayed again only when an entry's admission depends on what came before it. */
final class OpenLog
{
    /** @var array<string, Entry> */
    private array $byId;

    private ?BuildState $state = null;

    private bool $isBehind = false;

    /** @param  list<Entry>  $entries */
    public function __construct(private readonly EngineSheet $sheet, array $entries)
    {
        $this->byId = array_column($entries, null, 'id');
    }

    public function entry(string $id): ?Entry
    {
        return $this->byId[$id] ?? null;
    }

    public function add(Entry $entry): void
    {
        $this->byId[$entry->id] = $entry;
        $this->isBehind = true;
    }

    public function stateFor(EntryKind $kind): BuildState
    {
        if ($this->state === null || ($this->isBehind && $kind->dependsOnState())) {
            $this->state = Build::replay($this->sheet, array_values($this->byId), Shop::now());
            $this->isBehind = false;
        }

        return $this->state;
    }
}
