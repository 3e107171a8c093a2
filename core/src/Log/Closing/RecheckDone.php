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
use Moltrek\Core\Refusal\MalformedDocument;

/** What was to be looked at again was looked at. */
final readonly class RecheckDone implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(80)] private string $recheck,
        #[Text(300)] private string $note = '',
    ) {
    }

    public static function name(): string
    {
        return 'recheck_done';
    }

    public function admit(Before $before): void
    {
        $open = array_column($before->state()->runIn->due(), 'id');
        if (! in_array($this->recheck, $open, true)) {
            throw MalformedDocument::wrongSort($this->recheck, 'something that is still to be looked at: '.implode(', ',
                $open))->under('recheck');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->runIn->look($this->recheck, $entry);
    }

    public function words(BuildState $state): string
    {
        $asked = array_column($state->runIn->all(), null, 'id')[$this->recheck] ?? null;

        return 'Looked at again: '.lcfirst($asked->recheck->what ?? $this->recheck).($this->note === '' ? '' : ', '.$this->note);
    }
}
