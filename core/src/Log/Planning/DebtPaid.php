<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
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

    private function __construct(private string $what)
    {
    }

    public static function name(): string
    {
        return 'debt_paid';
    }

    public static function keys(): array
    {
        return ['what'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('what', 160));
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
