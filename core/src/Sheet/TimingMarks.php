<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** Every timing mark of an engine. One on a part that this engine has not is refused. */
final readonly class TimingMarks
{
    /** @param  list<TimingMark>  $all */
    private function __construct(public array $all)
    {
    }

    public static function read(Fields $sheet, Layout $layout, ValveTrain $train, Ignition $ignition): self
    {
        $marks = [];
        foreach ($sheet->objects('marks', ...TimingMark::KEYS) as $fields) {
            $mark = TimingMark::read($fields);
            if (isset($marks[$mark->id])) {
                throw $fields->placed(ContradictoryFields::excluded('id', $mark->id, 'An id stands twice.', 'every id once'));
            }
            if ($mark->cylinder !== null && $layout->cylinder($mark->cylinder) === null) {
                throw $fields->placed(MalformedDocument::wrongSort($mark->cylinder, 'a cylinder of this engine'), 'cylinder');
            }
            self::refuseMissingPart($fields, $mark, $train, $ignition);
            $marks[$mark->id] = $mark;
        }
        if ($ignition->trusted !== null && ! isset($marks[$ignition->trusted])) {
            throw $sheet->placed(MalformedDocument::wrongSort($ignition->trusted, 'a mark of this sheet'), 'ignition.trusted');
        }

        return new self(array_values($marks));
    }

    private static function refuseMissingPart(Fields $fields, TimingMark $mark, ValveTrain $train, Ignition $ignition): void
    {
        $isOfCams = $mark->on === MarkCarrier::CamWheel || $mark->for === MarkedFor::Cams;
        $missing = [
            [$isOfCams && $train->gear === ValveGear::None, 'on', 'This engine has no cams.', 'a mark on case, plate or rotor'],
            [$mark->on === MarkCarrier::CamWheel && $train->drive === null, 'on',
                'The sheet names nothing that drives the cams.', 'chain or gears at valve_train.drive'],
            [$mark->on === MarkCarrier::Plate && $ignition->setBy !== IgnitionSetBy::Plate, 'on',
                'This ignition is not set by a plate.', 'plate at ignition.set_by'],
            [$mark->side !== null && $train->gear !== ValveGear::DoubleCam, 'side',
                'One cam opens both sides.', 'a side on twin cams only'],
        ];
        foreach ($missing as [$isMissing, $key, $why, $allowed]) {
            if ($isMissing) {
                throw $fields->placed(ContradictoryFields::excluded($key, $fields->raw($key), $why, $allowed));
            }
        }
    }

    public function named(string $id): ?TimingMark
    {
        return array_values(array_filter($this->all, static fn (TimingMark $mark): bool => $mark->id === $id))[0] ?? null;
    }

    /** @return list<TimingMark> */
    public function for(MarkedFor $for, string $cylinder): array
    {
        return array_values(array_filter($this->all,
            static fn (TimingMark $mark): bool => $mark->for === $for && $mark->isOf($cylinder)));
    }
}
