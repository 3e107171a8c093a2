<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\StepKind;

/** The orders of work of one engine, errand by errand, as a mechanic reads them: a page on which a change of order or words is seen. */
final readonly class PlanBook
{
    /** For every errand that this engine can have, alone. */
    public static function of(EngineSheet $sheet): string
    {
        $pages = array_map(static fn (Errand $errand): string => self::page($sheet, $errand), Errand::on($sheet));

        return '# '.$sheet->title()."\n\n".implode("\n", $pages);
    }

    private static function page(EngineSheet $sheet, Errand $errand): string
    {
        $lines = ['## '.ucfirst($errand->value), ''];
        foreach (Plan::of($sheet, new Basis([$errand])) as $step) {
            array_push($lines, ...self::step($step));
        }

        return implode("\n", $lines)."\n";
    }

    /** @return list<string> */
    private static function step(Step $step): array
    {
        $words = $step->words;
        $also = array_filter([
            $words->how,
            $words->uses === null ? null : 'Uses '.$words->uses.'.',
            $words->tools === [] ? null : 'With '.implode(', ', $words->tools).'.',
            $step->effect->parts === [] ? null : 'Parts: '.implode('; ', $step->effect->parts).'.',
            $step->effect->owes === null ? null : 'Owed: '.$step->effect->owes->what.', '.$step->effect->owes->reason.'.',
            $step->asks->secondPerson ? 'By two.' : null,
            $words->caution === null ? null : '! '.$words->caution,
        ]);

        return [
            sprintf('- `%s` %s (%d min). %s', $step->id, $words->name, $step->minutes, $words->why),
            ...array_map(static fn (string $act): string => '  - '.$act, $words->inTurn->acts),
            ...$step->kind === StepKind::Hold ? array_map(static fn (string $item): string => '  - [ ] '.$item, $step->asks->items) : [],
            ...$also === [] ? [] : ['  - '.implode(' ', $also)],
        ];
    }
}
