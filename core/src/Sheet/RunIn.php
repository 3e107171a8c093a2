<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/**
 * How a rebuilt engine is run in: heats and how long it cools after each, hours with the throttle held back, mixture,
 * what is looked at again.
 */
final readonly class RunIn
{
    public const KEYS = ['head_recheck', 'heat_cycles', 'cool', 'stages', 'mixture', 'rechecks', 'source'];

    private const USUAL_COOLING = 4 * 3600;

    /**
     * @param  int  $cool  seconds
     * @param  list<RunInStage>  $stages
     * @param  list<Recheck>  $rechecks
     * @param  float|null  $ratio  of fuel to oil while it is run in
     * @param  float|null  $ratioAfter  from then on
     */
    private function __construct(
        public bool $headRecheck,
        public int $heatCycles,
        public int $cool,
        public array $stages,
        public array $rechecks,
        public ?float $ratio,
        public ?float $ratioAfter,
        public ?string $source,
    ) {
    }

    public static function read(Fields $sheet): self
    {
        $said = $sheet->objectOrNull('run_in', ...self::KEYS);
        if ($said === null) {
            return new self(false, 1, self::USUAL_COOLING, [], [], null, null, null);
        }
        $stages = array_map(RunInStage::read(...), $said->objects('stages', ...RunInStage::payload()->names()));
        foreach ($stages as $index => $stage) {
            if ($index > 0 && $stage->until <= $stages[$index - 1]->until) {
                throw $said->placed(ContradictoryFields::excluded('', $stage->until.' h', 'Each stretch ends later than the one before it.',
                    'more than '.$stages[$index - 1]->until.' h'), "stages.$index.until");
            }
        }
        $mixture = $said->objectOrNull('mixture', 'ratio', 'after');

        return new self(
            $said->flag('head_recheck'), $said->has('heat_cycles') ? $said->whole('heat_cycles', 1, 12) : 1,
            $said->has('cool') ? (int) round($said->positive('cool', Dimension::Time)) : self::USUAL_COOLING,
            $stages, array_map(Recheck::read(...), $said->objects('rechecks', ...Recheck::payload()->names())),
            $mixture?->number('ratio'), $mixture !== null && $mixture->has('after') ? $mixture->number('after') : null,
            $said->textOrNull('source', 80),
        );
    }
}
