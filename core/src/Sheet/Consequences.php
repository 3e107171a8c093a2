<?php

namespace Moltrek\Core\Sheet;

/**
 * What other parts than the maker's change on an engine: displacement π/4·B²·S·n, whose limits now rule, whether the head
 * gasket still clears the bore. Each is to be confirmed by a person. Source: geometry and shop practice.
 */
final class Consequences
{
    /** A gasket that reaches closer to the bore than this glows; nanometres. */
    private const GASKET_ROOM = 500_000;

    /** @return list<array{part: string, text: string, confirmed: bool, wrong: bool}> */
    public static function of(EngineSheet $sheet): array
    {
        $found = [];
        foreach ($sheet->work->substitutions as $change) {
            $add = static function (string $key, string $text, bool $wrong = false) use (&$found, $change): void {
                $found[] = [
                    'part' => $change->replaces.': '.$change->by,
                    'text' => $text,
                    'confirmed' => in_array($key, $change->confirmed, true),
                    'wrong' => $wrong,
                ];
            };
            if ($change->bore !== null || $change->stroke !== null) {
                $add('displacement', sprintf('Displacement is now %.1f cm³; compression and fuel change with it.', $sheet->displacement()));
            }
            if ($change->bore !== null && $sheet->geometry->gasketOpening !== null) {
                $room = $sheet->geometry->gasketOpening->minus($change->bore);
                $tight = $room->nanometres < self::GASKET_ROOM;
                $add(
                    'gasket',
                    sprintf(
                        'The head gasket opens %s over a bore of %s: %s.',
                        $sheet->geometry->gasketOpening->short(),
                        $change->bore->short(),
                        $tight ? 'too small, it would stand in the bore' : 'it clears',
                    ),
                    $tight,
                );
            }
            foreach ($change->limits as $limit) {
                $add('limits', sprintf('The %s now rules %s.', $limit->source->value, str_replace('_', ' ', $limit->quantity)));
            }
        }

        return $found;
    }
}
