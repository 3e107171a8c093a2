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
use Moltrek\Core\Sheet\SheetWait;

/** A wait is over because somebody has seen that it is. */
final readonly class WaitSeen implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(60)] private string $wait,
    ) {
    }

    public static function name(): string
    {
        return 'wait_seen';
    }

    public function admit(Before $before): void
    {
        $state = $before->state();
        if ($state->waits->of($this->wait)?->isOver($state->now) !== false) {
            throw MalformedDocument::wrongSort($this->wait, 'a wait that is running')->under('wait');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->waits->see($this->wait, $entry);
    }

    public function words(BuildState $state): string
    {
        $wait = array_column($state->sheet->work->waits, null, 'id')[$this->wait] ?? $this->begun($state);

        return 'Seen: '.($wait === null ? $this->wait : $wait->seen ?? lcfirst($wait->name));
    }

    /** What somebody began, though the step it stood on may have been undone since. */
    private function begun(BuildState $state): ?SheetWait
    {
        foreach ($state->entries as $entry) {
            if ($entry->said instanceof WaitStarted && WaitStarted::id($entry) === $this->wait) {
                return SheetWait::begun($this->wait, $entry->said->what, 0, $entry->said->until(), '');
            }
        }

        return null;
    }
}
