<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Where a leak was found, and by what; or that nothing was. */
final readonly class LeakFound implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] private string $where,
        #[Word('soap', 'ear', 'hand', 'dip')] private string $how,
    ) {
    }

    public static function name(): string
    {
        return 'leak_found';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->proofs->findLeak($entry);
    }

    public function words(BuildState $state): string
    {
        $by = ['soap' => 'soap bubbles', 'ear' => 'heard', 'hand' => 'felt', 'dip' => 'bubbles in the tank'][$this->how];

        return 'Leak at the '.$this->where.': '.$by;
    }
}
