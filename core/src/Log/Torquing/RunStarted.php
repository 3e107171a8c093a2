<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Key\Nested;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Planning\StepDone;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Torquing\Programme;

/** A joint begins to be pulled, after the programme that is taken along: the sheet's, or what was asked for at that moment. */
final readonly class RunStarted implements Kind
{
    use Ordinary;
    use Stated;

    private function __construct(
        #[Text(120)] public string $step,
        #[Nested(Programme::class)] public Programme $programme,
    ) {
    }

    public static function name(): string
    {
        return 'run_started';
    }

    public function admit(Before $before): void
    {
        $step = $before->step($this->step);
        if ($step->kind !== StepKind::Torque) {
            throw MalformedDocument::wrongSort($this->step, 'a step in which a joint is pulled')->under('step');
        }
        // begun by two at once it is one run
        if ($before->state()->runs->of($this->step)?->isRunning() !== true) {
            StepDone::refuseOutOfTurn($before->state(), $step);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->pulled($totals->runs->begin($entry->id, $this), false, $entry);
    }

    public function words(BuildState $state): string
    {
        $source = implode(', ', array_unique(array_column($this->programme->groups, 'source')));

        return 'Pulling begins: '.lcfirst($this->programme->groups[0]->name).', after '.$source;
    }
}
