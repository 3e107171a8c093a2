<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Log\Entry;

/** Variants that were tried against each other, and which of them stayed. */
final class Trials
{
    /** @var array<string, list<Entry>> by trial */
    private array $made = [];

    /** @var array<string, Entry> by trial */
    private array $decided = [];

    public function make(TrialMade $said, Entry $entry): void
    {
        $this->made[$said->trial][] = $entry;
    }

    public function decide(TrialDecided $said, Entry $entry): void
    {
        $this->decided[$said->trial] = $entry;
    }

    /** @return array<string, list<Entry>> by trial, in the order they were made */
    public function all(): array
    {
        return $this->made;
    }

    public function decidedBy(string $trial): ?Entry
    {
        return $this->decided[$trial] ?? null;
    }

    /** @return list<string> */
    public function variantsOf(string $trial): array
    {
        $variants = array_map(static fn (Entry $entry): string => $entry->said instanceof TrialMade ? $entry->said->variant : '',
            $this->made[$trial] ?? []);

        return array_values(array_unique($variants));
    }
}
