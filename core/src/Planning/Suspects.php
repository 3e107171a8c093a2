<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Symptom;

/**
 * What may be behind a complaint and the test that tells: the weak points that this sheet knows, then what the trade
 * suspects on any engine so built. Source: shop practice.
 */
final class Suspects
{
    /** Words that say nothing of what is wrong. */
    private const COMMON = [
        'after',
        'again',
        'from',
        'have',
        'into',
        'last',
        'left',
        'more',
        'only',
        'over',
        'right',
        'since',
        'some',
        'that',
        'there',
        'under',
        'what',
        'when',
        'with',
        'engine',
        'side',
    ];

    /** @return list<Symptom> those that share a word with the complaint first */
    public static function on(EngineSheet $sheet, string $complaint): array
    {
        $said = self::words($complaint);
        $all = self::each([...$sheet->work->symptoms, ...self::usual($sheet)]);
        $shared = array_map(static fn (Symptom $symptom): int => count(array_intersect($said, self::words($symptom->symptom))), $all);
        array_multisort($shared, SORT_DESC, array_keys($all), SORT_ASC, $all);

        return $all;
    }

    /**
     * One suspect behind one symptom is named once, the sheet's own words before the usual ones.
     *
     * @param  list<Symptom>  $all
     * @return list<Symptom>
     */
    private static function each(array $all): array
    {
        $once = [];
        foreach ($all as $symptom) {
            $suspect = self::words($symptom->suspect);
            $same = array_filter($once, static fn (Symptom $other): bool => array_intersect(
                self::words($other->symptom),
                self::words($symptom->symptom),
            ) !== []
                && (array_diff($suspect, self::words($other->suspect)) === []
                    || array_diff(self::words($other->suspect), $suspect) === []));
            if ($same === []) {
                $once[] = $symptom;
            }
        }

        return $once;
    }

    /** Whether a complaint speaks of a symptom. */
    public static function isSpokenOf(Symptom $symptom, string $complaint): bool
    {
        return array_intersect(self::words($complaint), self::words($symptom->symptom)) !== [];
    }

    /** @return list<Symptom> */
    private static function usual(EngineSheet $sheet): array
    {
        $four = $sheet->layout->cycle === Cycle::FourStroke;
        $usual = [
            Symptom::of(
                'low compression',
                $four ? 'a ring stuck or its gap wide, a valve or the head joint that leaks'
                    : 'a ring stuck or its gap wide, the head joint, a reed or a crank seal that leaks',
                $four
                    ? 'leak-down: a hiss at inlet, exhaust or breather tells which'
                    : 'rings seen through the exhaust port; cases under low pressure, soap at the seals and the head joint',
            ),
            Symptom::of('rattles when cold', 'piston clearance past its limit', 'measure bore and piston; the noise goes as it warms'),
            Symptom::of('knocks when hot', 'big end or pin worn', 'pull and push the rod at the top; it may tilt, it may not click'),
            Symptom::of(
                'smokes soon after a rebuild',
                $four ? 'rings not seated, one upside down, or a guide seal missing'
                    : 'too much oil on assembly, rings not seated, or a crank seal',
                $four ? 'plug of each cylinder looked at: on the pull it is rings, on the overrun guides'
                    : 'gone after half an hour it was assembly oil; if not, plug of each cylinder looked at',
            ),
            Symptom::of(
                'overheats',
                'a joint that leaks into the coolant, or a lean mixture',
                $sheet->layout->cooling === Cooling::Liquid
                    ? 'pressure in the system, cold and hot; look for bubbles'
                    : 'fins clean, mixture read, joint looked at',
            ),
        ];
        if ($four) {
            $usual[] = Symptom::of(
                'uses oil under load',
                'oil rings worn or gapped in line',
                'plug of each cylinder looked at; oil ring gaps and bore read, for leak-down shows the upper rings only',
            );
            $usual[] = Symptom::of('smokes on the overrun', 'valve guides or their seals', 'guide clearance at the worst place of three');
        } else {
            $usual[] = Symptom::of(
                'down on power, stiff to rev',
                'exhaust valve stuck or its halves exchanged',
                'through its whole travel by a finger',
            );
            $usual[] = Symptom::of('smokes from one side', 'a crank seal that leaks', 'cases under low pressure, soap at the seals');
        }

        return $usual;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[a-z]{4,}/', strtolower($text), $found);
        $stems = array_map(
            static fn (string $word): string => (string) preg_replace('/(ing|es|s|e|y)$/', '', $word),
            array_diff($found[0], self::COMMON),
        );

        return array_values(array_unique($stems));
    }
}
