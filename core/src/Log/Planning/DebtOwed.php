<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A fastener is left snug and owed its torque, for a reason, until something releases it. */
final readonly class DebtOwed implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(160)] private string $what,
        #[Text(300)] private string $reason,
        #[Text(300)] private string $release = '',
    ) {
    }

    public static function name(): string
    {
        return 'debt_owed';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->ledger->owe(new Debt($this->what, $this->reason, $this->release, $entry));
    }

    public function words(BuildState $state): string
    {
        return 'Owed its torque: '.$this->what.', '.$this->reason;
    }
}
