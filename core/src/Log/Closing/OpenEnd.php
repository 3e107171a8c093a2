<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Something stays open when the machine goes out, and whoever gets it is told. */
final readonly class OpenEnd implements Kind
{
    use Ordinary;

    private function __construct(private string $text)
    {
    }

    public static function name(): string
    {
        return 'open_end';
    }

    public static function keys(): array
    {
        return ['text'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('text', 500));
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->closing->leaveOpen($this->text);
    }

    public function words(BuildState $state): string
    {
        return 'Stays open: '.$this->text;
    }
}
