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

/** A run is given up: it holds for nothing, and stays to be seen. */
final readonly class RunAbandoned implements Kind
{
    use OfRun;
    use Ordinary;

    private function __construct(public string $run, private string $reason)
    {
    }

    public static function name(): string
    {
        return 'run_abandoned';
    }

    public static function keys(): array
    {
        return ['run', 'reason'];
    }

    public static function read(Fields $payload): self
    {
        return new self($payload->text('run', 60), $payload->text('reason', 300));
    }

    public function admit(Before $before): void
    {
        $this->programmeOf($before);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->voidBecause('abandoned: '.$this->reason));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).': run given up, '.$this->reason;
    }
}
