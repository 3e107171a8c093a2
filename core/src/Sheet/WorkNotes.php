<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** What an engine of this kind asks of the work: its waits, its usual schools, its changes of the order, what was learnt on it. */
final readonly class WorkNotes
{
    /**
     * @param  list<SheetWait>  $waits
     * @param  array<string, string>  $schools  what this engine is usually done by, by matter
     * @param  list<Symptom>  $symptoms
     * @param  list<Finding>  $findings
     * @param  list<Substitution>  $substitutions
     */
    private function __construct(
        public array $waits,
        public array $schools,
        public PlanChanges $plan,
        public array $symptoms,
        public array $findings,
        public array $substitutions,
    ) {
    }

    /** @param  list<Substitution>  $substitutions */
    public static function read(Fields $sheet, array $substitutions): self
    {
        return new self(
            array_map(SheetWait::read(...), $sheet->objects('waits', ...SheetWait::KEYS)),
            $sheet->has('schools') ? School::read($sheet->named('schools')) : [],
            PlanChanges::read($sheet),
            array_map(Symptom::read(...), $sheet->objects('symptoms', ...Symptom::KEYS)),
            array_map(Finding::read(...), $sheet->objects('findings', ...Finding::KEYS)),
            $substitutions,
        );
    }
}
