<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Torquing\Run;

/** A stage is begun again, and all that came after it: slackened because of a pull past its limit, or to be sure after a pause. */
final readonly class StageRestarted implements Kind
{
    use OfRun;
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(60)] public string $run,
        #[Whole(1, 200)] private int $stage,
        #[Text(300)] private string $reason,
    ) {
    }

    public static function name(): string
    {
        return 'stage_restarted';
    }

    public function admit(Before $before): void
    {
        $this->refuseOtherStage($this->programmeOf($before), $this->stage);
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->restart($this->stage - 1));
    }

    public function words(BuildState $state): string
    {
        return ucfirst($this->jointIn($state)).": from stage $this->stage again, $this->reason";
    }
}
