<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A fastener is left snug and owed its torque, for a reason, until something releases it. */
final readonly class DebtOwed implements Kind
{
    use Ordinary;

    private function __construct(private string $what, private string $reason, private string $release)
    {
    }

    public static function name(): string
    {
        return 'debt_owed';
    }

    public static function keys(): array
    {
        return ['what', 'reason', 'release'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('what', 160), $payload->text('reason', 300), $payload->textOrNull('release', 300) ?? '');
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
