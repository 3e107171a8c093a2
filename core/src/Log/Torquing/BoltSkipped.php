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

/** A fastener is passed by for now and stays owed its torque, for a reason, until something releases it. */
final readonly class BoltSkipped implements Kind
{
    use OfRun;
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(60)] public string $run,
        #[Text(20)] private string $bolt,
        #[Text(300)] private string $reason,
        #[Text(300)] private string $release = '',
    ) {
    }

    public static function name(): string
    {
        return 'bolt_skipped';
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
