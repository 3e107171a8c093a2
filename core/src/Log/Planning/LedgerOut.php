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
use Moltrek\Core\Refusal\MalformedDocument;

/** What was put in is out again, what was dropped is found. */
final readonly class LedgerOut implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(160)] private string $what,
    ) {
    }

    public static function name(): string
    {
        return 'ledger_out';
    }

    public function admit(Before $before): void
    {
        self::refuseOther($this->what, array_column($before->state()->ledger->items(), 'what'));
    }

    /** @param  list<string>  $open */
    public static function refuseOther(string $what, array $open): void
    {
        if (! in_array($what, $open, true)) {
            throw MalformedDocument::wrongSort($what, $open === [] ? 'nothing is open' : 'one of '.implode(', ', $open))->under('what');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->ledger->takeOut($this->what);
    }

    public function words(BuildState $state): string
    {
        return 'Out again: '.$this->what;
    }
}
