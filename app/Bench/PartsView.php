<?php

namespace App\Bench;

use App\Http\Shapes\HomePartShape;
use App\Http\Shapes\JobPartsShape;
use App\Http\Shapes\PartShape;
use App\Http\Shapes\PlannedPartShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Parts\PartOnOrder;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Planning\HomePart;

/** The parts of a build as the screens take them. */
final readonly class PartsView
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(): JobPartsShape
    {
        return new JobPartsShape($this->orders(), $this->planned(), $this->home());
    }

    /** @return list<PartShape> */
    public function orders(): array
    {
        return array_map(static fn (PartOnOrder $part): PartShape => new PartShape($part->part, $part->promised?->text), $this->state->parts->onOrder());
    }

    /** @return list<PlannedPartShape> */
    private function planned(): array
    {
        $columns = new Columns($this->state->sheet);

        return array_map(fn (PlannedPart $part): PlannedPartShape => new PlannedPartShape(
            part: $part->part,
            state: $part->state,
            promised: $part->promised,
            for: $part->for,
            why: $part->why,
            wrong: $part->wrong,
            reuse: $part->reuse?->class,
            condition: $part->reuse->condition ?? '',
            mayGoBack: $part->reuse?->class->mayGoBack() !== false,
            column: $columns->ofSteps(array_values(array_filter(array_map($this->state->work->step(...), $part->for)))),
        ), PlannedPart::all($this->state));
    }

    /** @return list<HomePartShape> */
    private function home(): array
    {
        return array_map(function (HomePart $part): HomePartShape {
            $moved = $this->state->parts->backOf($part->id);
            $slab = $this->state->slabs->of($this->state->sheet->stack->slabs[$this->state->sheet->heightOf($part->slab) ?? 0]);

            return new HomePartShape(
                id: $part->id,
                name: $part->name(),
                sort: $part->sort,
                place: $part->place,
                placeName: $part->placeName,
                slab: $part->slab,
                isOut: ! $slab->isInPlace(),
                elsewhere: $moved === null || $moved->place === $part->place ? null : $moved->place,
                reason: $moved?->reason,
                isSaid: $moved !== null,
            );
        }, array_values(HomePart::outIn($this->state->scope())));
    }
}
