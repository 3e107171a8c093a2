<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** What a sheet changes in the order of work: steps of its own, steps it has not, steps that need one another. */
final readonly class PlanChanges
{
    /**
     * @param  list<OwnStep>  $add
     * @param  list<string>  $drop
     * @param  array<string, list<string>>  $after  more needs, by step
     * @param  list<Access>  $access  what this engine shuts in, traps or drops
     */
    private function __construct(public array $add, public array $drop, public array $after, public array $access)
    {
    }

    public static function read(Fields $sheet): self
    {
        $plan = $sheet->objectOrNull('plan', 'add', 'drop', 'after', 'access');
        if ($plan === null) {
            return new self([], [], [], []);
        }
        $after = [];
        if ($plan->has('after')) {
            $named = $plan->named('after');
            foreach ($named->keys() as $step) {
                $after[$step] = $named->texts($step);
            }
        }

        return new self(
            array_map(OwnStep::read(...), $plan->objects('add', ...OwnStep::payload()->names())),
            $plan->texts('drop'),
            $after,
            array_map(Access::read(...), $plan->objects('access', ...Access::KEYS)),
        );
    }
}
