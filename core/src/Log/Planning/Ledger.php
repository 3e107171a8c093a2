<?php

namespace Moltrek\Core\Log\Planning;

/** What is in and must come out, and what is owed its torque. */
final class Ledger
{
    /** @var array<string, LedgerItem> by name */
    private array $items = [];

    /** @var array<string, Debt> by name */
    private array $debts = [];

    public function putIn(LedgerItem $item): void
    {
        $this->items[$item->what] = $item;
    }

    public function takeOut(string $what): void
    {
        unset($this->items[$what]);
    }

    public function owe(Debt $debt): void
    {
        $this->debts[$debt->what] = $debt;
    }

    public function pay(string $what): void
    {
        unset($this->debts[$what]);
    }

    /** @return list<LedgerItem> */
    public function items(): array
    {
        return array_values($this->items);
    }

    /** @return list<Debt> */
    public function debts(): array
    {
        return array_values($this->debts);
    }

    /** Why the machine does not go out yet. */
    public function whyNotClosed(): ?string
    {
        $owed = $this->debts()[0] ?? null;

        return ($this->items()[0] ?? null)?->why() ?? ($owed === null ? null : ucfirst($owed->what).' is owed its torque.');
    }
}
