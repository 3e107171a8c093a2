<?php

namespace Moltrek\Core\Planning;

/** What holds a step although its needs are met. */
final readonly class Blockage
{
    /** @param  'hold'|'part'|'wait'|'debt'|'ledger'|'access'  $kind */
    public function __construct(public string $kind, public string $id, public string $why)
    {
    }

    /** @return array{kind: string, id: string, why: string} */
    public function toArray(): array
    {
        return ['kind' => $this->kind, 'id' => $this->id, 'why' => $this->why];
    }
}
