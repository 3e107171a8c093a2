<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Torquing\Run;

/** A fastener is passed by for now and stays owed its torque, for a reason, until something releases it. */
final readonly class BoltSkipped implements Kind
{
    use OfRun;
    use Ordinary;

    private function __construct(public string $run, private string $bolt, private string $reason, private string $release)
    {
    }

    public static function name(): string
    {
        return 'bolt_skipped';
    }

    public static function keys(): array
    {
        return ['run', 'bolt', 'reason', 'release'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('run', 60), $payload->text('bolt', 20), $payload->text('reason', 300),
            $payload->textOrNull('release', 300) ?? '');
    }

    public function admit(Before $before): void
    {
        $this->refuseOtherBolt($this->programmeOf($before), $this->bolt);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->skip($this->bolt, $this->reason, $this->release));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).": $this->bolt passed by, $this->reason";
    }
}
