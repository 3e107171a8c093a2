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

/** What was owed its torque has it. */
final readonly class DebtPaid implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(160)] private string $what,
    ) {
    }

    public static function name(): string
    {
        return 'debt_paid';
    }

    public function admit(Before $before): void
    {
        LedgerOut::refuseOther($this->what, array_column($before->state()->ledger->debts(), 'what'));
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->ledger->pay($this->what);
    }

    public function words(BuildState $state): string
    {
        return 'Torqued as owed: '.$this->what;
    }
}
