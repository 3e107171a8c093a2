<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\ValveGear\LashPosition;
use Moltrek\Core\ValveGear\LashPositions as Positions;
use Moltrek\Core\ValveGear\SettableArc;

final class LashPositions implements Calculation
{
    private const MARGIN = 20_000_000_000;

    /** More valves than any engine has that is set by hand. */
    private const MOST_VALVES = 60;

    public function name(): string
    {
        return 'lash-positions';
    }

    public function about(): string
    {
        return 'The fewest crank positions at which all valves can be set, in turning order, on marks where possible.';
    }

    public function example(): string
    {
        return '{"cylinders": {"1": "0 deg", "2": "360 deg"}, "valves": [{"id": "1in", "cylinder": "1", "opens": "345 deg", "closes": "590 deg"}, {"id": "2in", "cylinder": "2", "opens": "345 deg", "closes": "590 deg"}], "marks": ["0 deg"]}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'cylinders', 'valves', 'margin', 'marks', 'from');
        $fires = self::cylinders($in);
        $valves = self::valves($in, $fires);
        $margin = $in->has('margin') ? self::angle($in, 'margin', null) : self::MARGIN;
        $arcs = array_map(static fn (Fields $valve): SettableArc => self::arc($valve, $fires, $margin), $valves);
        $marks = array_map(static fn (Fields $mark): int|float => self::angle($mark, $mark->keys()[0], 360), $in->has('marks') ? $in->items('marks') : []);
        $from = $in->has('from') ? self::angle($in, 'from', 720) : 0;
        $positions = Positions::of($arcs, $marks, $from)->all;

        return [
            'positions' => array_map(static fn (LashPosition $position): array => $position->toArray(), $positions),
            'at_least' => count($positions),
        ];
    }

    /** @return array<string, int|float> where each fires */
    private static function cylinders(Fields $in): array
    {
        $cylinders = $in->named('cylinders');
        $fires = [];
        foreach ($cylinders->keys() as $cylinder) {
            $fires[(string) $cylinder] = self::angle($cylinders, (string) $cylinder, 720);
        }

        return $fires === [] ? throw $in->placed(MalformedDocument::wrongSort('{}', 'at least one cylinder'), 'cylinders') : $fires;
    }

    /**
     * @param  array<string, int|float>  $fires
     * @return list<Fields>
     */
    private static function valves(Fields $in, array $fires): array
    {
        $valves = [];
        $stated = $in->required('valves', 'a list of valves')->objects('valves', 'id', 'cylinder', 'opens', 'closes');
        if ($stated === [] || count($stated) > self::MOST_VALVES) {
            throw $in->placed(MalformedDocument::wrongSort(count($stated), 'from 1 to '.self::MOST_VALVES.' valves'), 'valves');
        }
        foreach ($stated as $valve) {
            $id = $valve->text('id', 40);
            if (isset($valves[$id])) {
                throw $in->placed(ContradictoryFields::excluded('valves', $id, 'A valve stands twice.', 'each id once'));
            }
            $cylinder = $valve->text('cylinder', 40);
            if (! isset($fires[$cylinder])) {
                throw $valve->placed(MalformedDocument::wrongSort($cylinder, 'one of '.implode(', ', array_keys($fires))), 'cylinder');
            }
            if (self::angle($valve, 'opens', 720) >= self::angle($valve, 'closes', 720)) {
                throw $valve->placed(OutOfDomain::because('opens', 'A valve opens before it closes.', $valve->text('opens'), 'less than '.$valve->text('closes')));
            }
            $valves[$id] = $valve;
        }

        return array_values($valves);
    }

    /** @param  array<string, int|float>  $fires */
    private static function arc(Fields $valve, array $fires, int|float $margin): SettableArc
    {
        return SettableArc::of($valve->text('id'), $fires[$valve->text('cylinder')], $valve->angle('opens'), $valve->angle('closes'), $margin)
            ?? throw $valve->placed(OutOfDomain::because('', 'The margins leave this valve no room on its base circle.', $valve->text('opens').', '.$valve->text('closes'), 'a smaller margin'));
    }

    /** @param  int|null  $below  in degrees: an angle from 0 up to it, its end left out; null for no end */
    private static function angle(Fields $in, string $key, ?int $below): int|float
    {
        $angle = $in->angle($key);

        return $angle >= 0 && ($below === null || $angle < $below * Dimension::Angle->stepsPerUnit()) ? $angle
            : throw $in->placed(OutOfDomain::because($key, 'There is no such turn here.', $in->text($key), $below === null ? '0 deg or more' : "from 0 deg up to $below deg"));
    }
}
