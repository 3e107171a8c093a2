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

/** Another fastener is in the place of one that was stretched, stripped or lost; it is brought up to the others. */
final readonly class BoltReplaced implements Kind
{
    use OfRun;
    use Ordinary;

    private function __construct(public string $run, private string $bolt, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'bolt_replaced';
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
        $this->change($totals, $entry, fn (Run $run) => $run->replace($this->bolt, $this->reason));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).": $this->bolt replaced, $this->reason";
    }
}
