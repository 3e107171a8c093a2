<?php

namespace App\Bench;

use App\Http\Shapes\MarkChoiceShape;
use App\Http\Shapes\MarkedPartShape;
use App\Http\Shapes\ShellChoiceShape;
use Moltrek\Core\Fitting\PlainShell;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Fitting\MarkedPart;
use Moltrek\Core\Sheet\Grade;

/** The maker's marks of a build, as the screens take them. */
final readonly class MarksView
{
    public function __construct(private BuildState $state)
    {
    }

    /** @return list<MarkedPartShape> */
    public function parts(): array
    {
        return array_map(static fn (MarkedPart $part): MarkedPartShape => new MarkedPartShape(
            $part->place->id, $part->place->kind->value, $part->place->part, $part->place->name, $part->mark,
            array_map(static fn (Grade $grade): MarkChoiceShape => new MarkChoiceShape($grade->mark, $grade->min->quantity()['value'], $grade->max->quantity()['value']), $part->place->grades),
            $part->proof === null ? null : AssessmentView::verdict($part->proof),
        ), array_values(MarkedPart::all($this->state)));
    }

    /** @return list<ShellChoiceShape> */
    public function shells(): array
    {
        $shells = MarkedPart::shells($this->state);

        return array_map(static fn (string $proof, ?PlainShell $shell): ShellChoiceShape => new ShellChoiceShape($proof, $shell?->code, $shell?->colour), array_keys($shells), $shells);
    }
}
