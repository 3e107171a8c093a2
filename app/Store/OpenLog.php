<?php

namespace App\Store;

use App\Models\Shop;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Sheet\EngineSheet;

/** A job's log while a batch goes into it: replayed again only when an entry's admission asks for what came before it. */
final class OpenLog
{
    /** @var array<string, Entry> */
    private array $byId;

    private ?BuildState $state = null;

    private ?Before $before = null;

    /** @param  list<Entry>  $entries */
    public function __construct(private EngineSheet $sheet, array $entries)
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
        $this->state = null;
    }

    public function goBy(EngineSheet $sheet): void
    {
        $this->sheet = $sheet;
        $this->state = $this->before = null;
    }

    public function state(): BuildState
    {
        return $this->state ??= Build::replay($this->sheet, array_values($this->byId), Shop::now());
    }

    /** What the next entry is admitted to. */
    public function before(): Before
    {
        return $this->before ??= new Before($this->sheet, Catalogue::of($this->sheet), $this->state(...), $this->entry(...));
    }
}
