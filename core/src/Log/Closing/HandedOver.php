<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\ContradictoryFields;

/** The machine leaves the shop. Not with a rag in it, and not with a nut that is owed its torque. */
final readonly class HandedOver implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(500)] private string $note = '',
    ) {
    }

    public static function name(): string
    {
        return 'handed_over';
    }

    public function admit(Before $before): void
    {
        $why = $before->state()->ledger->whyNotClosed();
        if ($why !== null) {
            throw ContradictoryFields::excluded('', '', $why, 'a machine with nothing left in and nothing owed');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->closing->handOver($entry);
    }

    public function words(BuildState $state): string
    {
        return 'Handed over'.($this->note === '' ? '' : ': '.$this->note);
    }
}
