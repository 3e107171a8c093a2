<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Written;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Sheet\SheetWait;

/** Somebody begins a wait on the bench: so long, and perhaps until something is seen. */
final readonly class WaitStarted implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] public string $what,
        #[Written(Dimension::Time, '720 h', 'A wait of this length is a date.')] private WrittenQuantity $time,
        #[Text(120)] private ?string $seen,
        #[Text(120)] private ?string $step,
    ) {
    }

    public static function name(): string
    {
        return 'wait_started';
    }

    public function admit(Before $before): void
    {
        if ($this->step !== null) {
            $before->step($this->step);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->waits->begin(SheetWait::begun(self::id($entry), $this->what, (int) round($this->time->base()), $this->until(),
            $this->step ?? ''), $entry);
    }

    /** What is to be seen before it is over. */
    public function until(): ?string
    {
        return $this->seen === '' ? null : $this->seen;
    }

    public function words(BuildState $state): string
    {
        return 'Waiting: '.$this->what.', '.$this->time->text;
    }

    /** What a wait that somebody began is called. */
    public static function id(Entry $entry): string
    {
        return 'begun-'.$entry->id;
    }
}
