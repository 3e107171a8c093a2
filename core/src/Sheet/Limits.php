<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** Every source's limits, the makers' size groups, and the shells by mark. */
final readonly class Limits
{
    /**
     * @param  list<SheetLimit>  $stated  the substitutions' among them, in place of those they replace
     * @param  list<Grade>  $grades
     */
    private function __construct(public array $stated, public array $grades, public ?ShellTable $shells)
    {
    }

    /** @param  list<Substitution>  $substitutions */
    public static function read(Fields $sheet, array $substitutions): self
    {
        $shells = $sheet->objectOrNull('shells', ...ShellTable::KEYS);

        return new self(
            self::replaced(array_map(SheetLimit::read(...), $sheet->objects('limits', ...SheetLimit::KEYS)), $substitutions),
            array_map(Grade::read(...), $sheet->objects('grades', ...Grade::KEYS)),
            $shells === null ? null : ShellTable::read($shells),
        );
    }

    /**
     * The limits a substituted part brings stand in place of the same source's for the same quantity.
     *
     * @param  list<SheetLimit>  $limits
     * @param  list<Substitution>  $substitutions
     * @return list<SheetLimit>
     */
    private static function replaced(array $limits, array $substitutions): array
    {
        foreach ($substitutions as $substitution) {
            foreach ($substitution->limits as $brought) {
                $others = static fn (SheetLimit $limit): bool => $limit->quantity !== $brought->quantity
                    || $limit->source !== $brought->source;
                $limits = [...array_filter($limits, $others), $brought];
            }
        }

        return $limits;
    }
}
