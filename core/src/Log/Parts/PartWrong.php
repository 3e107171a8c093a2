<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A part came and is not the right one. */
final readonly class PartWrong implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] private string $part,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'part_wrong';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->refuse($this->part, $this->reason);
    }

    public function words(BuildState $state): string
    {
        return 'Wrong part: '.$this->part.', '.$this->reason;
    }
}
