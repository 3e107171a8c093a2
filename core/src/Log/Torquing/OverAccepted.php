<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Torquing\Run;

/** Somebody takes a pull past its limit upon himself, for a reason. */
final readonly class OverAccepted implements Kind
{
    use OfRun;

    private function __construct(public string $run, private string $bolt, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'over_accepted';
    }

    public static function keys(): array
    {
        return ['run', 'bolt', 'reason'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('run', 60), $payload->text('bolt', 20), $payload->text('reason', 300));
    }

    public function admit(Before $before): void
    {
        $this->refuseOtherBolt($this->programmeOf($before), $this->bolt);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->acceptOver($this->bolt));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).": $this->bolt past its limit, accepted because $this->reason";
    }

    public function inRecord(): RecordPart
    {
        return RecordPart::Waived;
    }
}
