<?php

namespace Moltrek\Core\Log\Planning;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Sheet\SheetWait;

/** Somebody begins a wait on the bench: so long, and perhaps until something is seen. */
final readonly class WaitStarted implements Kind
{
    use Ordinary;

    /** Thirty days, in seconds. */
    private const LONGEST = 30 * 86_400;

    private function __construct(
        public string $what,
        private string $time,
        private int $seconds,
        public ?string $seen,
        private ?string $step,
    ) {
    }

    public static function name(): string
    {
        return 'wait_started';
    }

    public static function keys(): array
    {
        return ['what', 'time', 'seen', 'step'];
    }

    public static function read(Fields $payload): self
    {
        $what = $payload->text('what', 120);
        $seen = $payload->textOrNull('seen', 120);
        $seconds = $payload->positive('time', Dimension::Time);
        if ($seconds > self::LONGEST) {
            throw $payload->placed(OutOfDomain::because(
                'time',
                'A wait of this length is a date.',
                $payload->text('time'),
                'at most 720 h',
            ));
        }

        return new self(
            $what,
            $payload->text('time', 400),
            (int) round($seconds),
            $seen === '' ? null : $seen,
            $payload->textOrNull('step', 120),
        );
    }

    public function admit(Before $before): void
    {
        if ($this->step !== null) {
            $before->step($this->step);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->waits->begin(SheetWait::begun(self::id($entry), $this->what, $this->seconds, $this->seen, $this->step ?? ''), $entry);
    }

    public function words(BuildState $state): string
    {
        return 'Waiting: '.$this->what.', '.$this->time;
    }

    /** What a wait that somebody began is called. */
    public static function id(Entry $entry): string
    {
        return 'begun-'.$entry->id;
    }
}
