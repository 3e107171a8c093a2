<?php

namespace App\Bench;

use App\Http\Shapes\MarkChoiceShape;
use App\Http\Shapes\MarkedPartShape;
use App\Http\Shapes\ShellChoiceShape;
use App\Models\Instrument;
use App\Models\Shop;
use Moltrek\Core\Fitting\PlainShell;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Fitting\MarkedPart;
use Moltrek\Core\Measuring\ToolKind;
use Moltrek\Core\Quantity\Length;
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
            id: $part->place->id,
            kind: $part->place->kind,
            part: $part->place->part,
            name: $part->place->name,
            mark: $part->mark,
            choices: array_map(static fn (Grade $grade): MarkChoiceShape => new MarkChoiceShape($grade->mark, $grade->min->quantity()['value'], $grade->max->quantity()['value']), $part->place->grades),
            proof: $part->proof === null ? null : AssessmentView::verdict($part->proof),
        ), array_values(MarkedPart::all($this->state)));
    }

    /** What would tell of the marks that are too close to call, said once: a tool of the shop, or how fine one would have to be. */
    public function settledBy(): ?string
    {
        $edge = MarkedPart::onTheEdge($this->state);
        $said = array_filter([
            $this->toolThatTells(),
            $edge === 0 ? null : ($edge === 1 ? 'One reads' : $edge.' read').' on the very edge of the group: no tool tells there.',
        ]);

        return $said === [] ? null : implode(' ', $said).' Until then go by the reading.';
    }

    private function toolThatTells(): ?string
    {
        $most = MarkedPart::doubtThatTells($this->state);
        if ($most === null) {
            return null;
        }
        $able = Instrument::all()->sortBy('id')
            ->filter(static fn (Instrument $tool): bool => $tool->kind === ToolKind::Micrometer->value
                && $tool->doubt !== null && ! $tool->isOverdue(Shop::today()) && Length::of($tool->doubt)->nanometres < $most->nanometres);
        $names = $able->map(static fn (Instrument $tool): string => $tool->name)->implode(' or ');

        return $names === ''
            ? sprintf('No tool of the shop tells: it would take one that is out by less than %s.', $most->short())
            : 'Read them again with '.$names.'.';
    }

    /** @return list<ShellChoiceShape> */
    public function shells(): array
    {
        $shells = MarkedPart::shells($this->state);

        return array_map(static fn (string $proof, ?PlainShell $shell): ShellChoiceShape => new ShellChoiceShape($proof, $shell?->code, $shell?->colour), array_keys($shells), $shells);
    }
}
