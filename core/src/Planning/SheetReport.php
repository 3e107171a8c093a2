<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Document\Remainder;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\SheetLimit;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\StatedProgramme;
use stdClass;

/**
 * What somebody who wrote a sheet has to know of it: everything in it that cannot be used, each with its place, not only the first;
 * what the rest says, and what is left to be asked for at the bench.
 */
final readonly class SheetReport
{
    private const MOST = 25;

    /** So often it is read again: what hangs on one thing that is missing may be much. */
    private const MOST_READINGS = 120;

    /** In place of a part that every sheet has and that could not be read: only to read what comes after it. */
    private const STAND_INS = [
        'id' => '"x"', 'make' => '"x"', 'model' => '"x"', 'kind' => '"x"', 'schema' => '"'.EngineSheet::SCHEMA.'"',
        'geometry' => '{"bore": "50 mm", "stroke": "50 mm"}', 'barrel' => '{"lining": "iron"}',
        'piston' => '{"type": "cast", "gauge_point": "10 mm"}',
    ];

    /**
     * @param  EngineSheet|null  $sheet  as it reads without what is refused; null where too little is left of it
     * @param  list<Refusal>  $refusals
     */
    private function __construct(public ?EngineSheet $sheet, public array $refusals)
    {
    }

    public static function of(mixed $document): self
    {
        if (! $document instanceof stdClass) {
            return new self(null, [MalformedDocument::notAnObject($document)]);
        }
        $rest = new Remainder($document);
        $refusals = [];
        $isWhole = true;
        for ($reading = 0; $reading < self::MOST_READINGS && count($refusals) < self::MOST; $reading++) {
            try {
                $read = self::planned($rest->document);

                return new self($isWhole ? $read : null, $refusals);
            } catch (Refusal $refusal) {
                if (! $rest->explains($refusal->field, $refusal->read)) {
                    $refusals[] = $refusal->at($rest->original($refusal->field));
                }
                if (! $rest->takeOut($refusal->field)) {
                    if (! isset(self::STAND_INS[$refusal->field]) || isset($rest->document->{$refusal->field})) {
                        break;
                    }
                    $rest->document->{$refusal->field} = json_decode(self::STAND_INS[$refusal->field]);
                    $isWhole = false;
                }
            }
        }

        return new self(null, $refusals);
    }

    /**
     * A sheet whose every errand has a plan.
     *
     * @throws Refusal
     */
    public static function planned(mixed $document): EngineSheet
    {
        $sheet = EngineSheet::read($document);
        foreach (Errand::on($sheet) as $errand) {
            Plan::of($sheet, new Basis([$errand]));
        }

        return $sheet;
    }

    /** @return list<string> what it says, a line a matter */
    public function says(): array
    {
        $sheet = $this->sheet;
        if ($sheet === null) {
            return [];
        }
        $groups = array_values(array_unique(array_map(static fn (Fastener $each): string => $each->group, $sheet->stack->fasteners)));
        $stated = array_map(static fn (StatedProgramme $each): string => $each->group, $sheet->programmes->all);
        $sources = array_unique(array_map(static fn (SheetLimit $limit): string => $limit->source->value, $sheet->limits->stated));
        $valves = count($sheet->valveTrain->valves);

        return array_values(array_filter([
            $sheet->title().': '.$sheet->description(),
            'from below: '.implode(', ', array_map(static fn (Slab $slab): string => lcfirst($slab->name), $sheet->stack->slabs)),
            $valves === 0 ? null : $valves.' valves, '.$sheet->valveTrain->gear->value,
            self::counted(count($sheet->piston->rings), 'ring').' on each piston',
            self::counted(count($sheet->stack->fasteners), 'fastener').' in '.self::counted(count($groups), 'group').', '
                .count(array_intersect($groups, $stated)).' with a programme',
            self::counted(count($sheet->limits->stated), 'limit').($sources === [] ? '' : ' from '.implode(', ', $sources)),
            $sheet->work->waits === [] ? null : self::counted(count($sheet->work->waits), 'wait'),
        ]));
    }

    /** @return list<string> what it does not say, and where that is asked for */
    public function lacks(): array
    {
        $sheet = $this->sheet;
        if ($sheet === null) {
            return [];
        }
        $stated = array_map(static fn (StatedProgramme $each): string => $each->group, $sheet->programmes->all);
        $groups = array_values(array_unique(array_map(static fn (Fastener $each): string => $each->group, $sheet->stack->fasteners)));
        $without = array_values(array_diff($groups, $stated));

        return array_values(array_filter([
            $sheet->geometry->rod === null ? 'the rod’s length: asked for at the timing bench' : null,
            $sheet->stack->fasteners === [] ? 'its fasteners: without them nothing is pulled to a torque in order' : null,
            $without === [] ? null : 'torque of '.implode(', ', $without).': asked for at the pull',
            $sheet->limits->stated === [] ? 'its limits: each is asked for at the reading that it judges' : null,
            $sheet->piston->rings === [] ? 'its rings: none are measured, and none are fitted' : null,
            $sheet->crank === null ? 'the crank: its bearings, and what it is turned by' : null,
        ]));
    }

    private static function counted(int $count, string $what): string
    {
        return $count.' '.$what.($count === 1 ? '' : 's');
    }
}
