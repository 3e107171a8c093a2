<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
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
    use Stated;

    private function __construct(
        #[Text(60)] public string $run,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'run_abandoned';
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
