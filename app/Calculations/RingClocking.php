<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\KeptOffArc;
use Moltrek\Core\Fitting\RingClock;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

final class RingClocking implements Calculation
{
    public function name(): string
    {
        return 'ring-clocking';
    }

    public function about(): string
    {
        return 'Where the ring gaps go by a school, how far apart they stand, and what they should keep off.';
    }

    public function example(): string
    {
        return '{"school": "opposed", "rings": ["top", "second", "upper_rail", "expander", "lower_rail"], "avoid": [{"from": "80 deg", "to": "100 deg", "why": "thrust face"}], "in_line": "20 deg"}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'school', 'rings', 'angles', 'avoid', 'in_line');
        $school = $in->choice('school', GapSchool::class);
        $rings = $this->rings($in);
        $clock = RingClock::of($this->angles($in, $school, $rings));
        $avoid = array_map(static fn (Fields $arc): KeptOffArc => new KeptOffArc($arc->angle('from'), $arc->angle('to'), $arc->text('why', 200)), $in->objects('avoid', 'from', 'to', 'why'));
        $inLine = $in->has('in_line') ? $in->angle('in_line') : RingClock::IN_LINE;

        return [
            'angles' => (object) array_map(Dimension::Angle->quantity(...), $clock->angles()),
            'separations' => array_map(static fn (array $pair): array => ['between' => $pair['between'], 'value' => Dimension::Angle->quantity($pair['value'])], $clock->separations()),
            'conflicts' => $clock->conflicts($avoid, $inLine),
        ];
    }

    /** @return list<string>|null */
    private function rings(Fields $in): ?array
    {
        if (! $in->has('rings')) {
            return null;
        }
        $rings = $in->texts('rings');
        foreach ($rings as $index => $ring) {
            if (! in_array($ring, GapSchool::RINGS, true)) {
                throw $in->placed(MalformedDocument::wrongSort($ring, 'one of '.implode(', ', GapSchool::RINGS)), 'rings.'.$index);
            }
        }
        if ($rings === [] || count(array_unique($rings)) !== count($rings)) {
            throw $in->placed(ContradictoryFields::excluded('rings', $rings, 'Each ring stands once.', 'one ring or more, each once'));
        }

        return $rings;
    }

    /**
     * @param  list<string>|null  $rings
     * @return array<string, int|float>
     */
    private function angles(Fields $in, GapSchool $school, ?array $rings): array
    {
        $known = $school->angles();
        if ($known !== null) {
            if ($in->has('angles')) {
                throw $in->placed(ContradictoryFields::excluded('angles', $in->raw('angles'), 'This school has angles of its own.', 'angles with pegs or custom only'));
            }
            $degree = Dimension::Angle->stepsPerUnit();

            return array_map(static fn (int $angle): int => $angle * $degree, array_intersect_key($known, array_flip($rings ?? ['top', 'second'])));
        }
        if (! $in->has('angles')) {
            throw $in->placed(MalformedDocument::missing('angles', 'the angle of each ring, such as {"top": "10 deg"}'));
        }
        $typed = $in->object('angles', ...GapSchool::RINGS);
        $angles = [];
        foreach (GapSchool::RINGS as $ring) {
            if ($rings === null ? $typed->has($ring) : in_array($ring, $rings, true)) {
                $angles[$ring] = $typed->angle($ring);
            }
        }

        return $angles === [] ? throw $in->placed(MalformedDocument::wrongSort((object) [], 'the angle of one ring or more'), 'angles') : $angles;
    }
}
