<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** A part came and is not the right one. */
final readonly class PartWrong implements Kind
{
    use Ordinary;

    private function __construct(private string $part, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'part_wrong';
    }

    public static function keys(): array
    {
        return ['part', 'reason'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('part', 120), $payload->text('reason', 300));
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
