<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;

/** Something stays open when the machine goes out, and whoever gets it is told. */
final readonly class OpenEnd implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(500)] private string $text,
    ) {
    }

    public static function name(): string
    {
        return 'open_end';
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
