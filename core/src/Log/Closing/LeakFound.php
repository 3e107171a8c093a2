<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Where a leak was found, and by what; or that nothing was. */
final readonly class LeakFound implements Kind
{
    use Ordinary;

    private function __construct(private string $where, private string $how)
    {
    }

    public static function name(): string
    {
        return 'leak_found';
    }

    public static function keys(): array
    {
        return ['where', 'how'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('where', 120), $payload->word('how', 'soap', 'ear', 'hand', 'dip'));
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
