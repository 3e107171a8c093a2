<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A part comes from the shop's shelf. */
final readonly class PartTaken implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] public string $part,
    ) {
    }

    public static function name(): string
    {
        return 'part_taken';
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->parts->arrive($this->part, 'from the shelf');
    }

    public function words(BuildState $state): string
    {
        return 'From the shelf: '.$this->part;
    }
}
