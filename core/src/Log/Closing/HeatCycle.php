<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Document\Key\Figured;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\SheetWait;

/** The engine was warmed through, or is cold again after it. */
final readonly class HeatCycle implements Kind
{
    use Ordinary;
    use Stated;

    private const WAIT = 'heat-cooling';

    private function __construct(
        #[Word('warm', 'cold')] private string $stage,
        #[Figured(Dimension::Temperature)] private ?Figure $temperature,
    ) {
    }

    public static function name(): string
    {
        return 'heat_cycle';
    }

    public function admit(Before $before): void
    {
        $before->step(RunningIn::HEAT, 'a job on which the engine is warmed through', 'stage');
        $runIn = $before->state()->runIn;
        if ($this->isWarm() === $runIn->isWarm()) {
            throw ContradictoryFields::excluded('stage', $this->isWarm() ? 'warm' : 'cold',
                $this->isWarm() ? 'It has not been cold again since.' : 'It has not been warmed through.',
                $this->isWarm() ? 'cold' : 'warm');
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $totals->runIn->heat($this->isWarm(), $entry);
        $asked = $totals->sheet->runIn->heatCycles;
        if ($this->isWarm()) {
            $totals->waits->begin(SheetWait::begun(self::WAIT, 'Cooling right down', $totals->sheet->runIn->cool,
                'the head is cold to the hand', RunningIn::HEAT), $entry);

            return;
        }
        $totals->waits->see(self::WAIT, $entry);
        if ($totals->runIn->cycles() >= $asked) {
            $totals->finishReady(RunningIn::HEAT, $entry);
        }
    }

    private function isWarm(): bool
    {
        return $this->stage === 'warm';
    }

    public function words(BuildState $state): string
    {
        return $this->isWarm() ? 'Warmed through'.($this->temperature === null ? '' : ' to '.$this->temperature->shown().' °C')
            : 'Stone cold again';
    }
}
