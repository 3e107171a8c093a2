<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
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
    use Stated;

    private function __construct(
        #[Text(160)] private string $what,
        #[Text(60)] private string $slab,
        private bool $dropped,
    ) {
    }

    public static function name(): string
    {
        return 'ledger_in';
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
