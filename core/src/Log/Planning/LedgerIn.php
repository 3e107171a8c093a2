<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Something was put in that must come out again, or was dropped and must be found. */
final readonly class LedgerIn implements Kind
{
    use Ordinary;

    private function __construct(private string $what, private string $slab, private bool $dropped)
    {
    }

    public static function name(): string
    {
        return 'ledger_in';
    }

    public static function keys(): array
    {
        return ['what', 'slab', 'dropped'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('what', 160), $payload->text('slab', 60), $payload->flag('dropped'));
    }

    public function admit(Before $before): void
    {
        $before->refuseOtherSlab($this->slab);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->ledger->putIn(new LedgerItem($this->what, $this->dropped, $this->slab, $entry));
    }

    public function words(BuildState $state): string
    {
        return ($this->dropped ? 'Dropped: ' : 'Put in, must come out: ').$this->what;
    }
}
