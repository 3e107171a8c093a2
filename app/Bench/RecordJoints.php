<?php

namespace App\Bench;

use DateTimeImmutable;
use DateTimeZone;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Torquing\Made;
use Moltrek\Core\Torquing\Owed;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\Run;

/** What the record says of every joint that was pulled: the map, the programme, every pull, and whether its check pass stands. */
final readonly class RecordJoints
{
    public function __construct(private BuildState $state, private DateTimeZone $zone)
    {
    }

    /** @return list<array<string, mixed>> in the order in which they were begun, void ones and all */
    public function all(): array
    {
        return array_map($this->joint(...), $this->state->runs->all());
    }

    /** @return array<string, mixed> */
    private function joint(Run $run): array
    {
        $programme = $run->programme;
        $step = $this->state->work->step($run->step);
        $slab = $this->state->sheet->stack->named($step->place->slab ?? '') ?? $this->state->sheet->stack->slabs[0];
        $checked = array_values(array_filter($run->made(), static fn (Made $made): bool => $made->outcome->counts()));
        $last = $run->isComplete() && $checked !== [] ? $checked[count($checked) - 1]->pull : null;

        return [
            'name' => $programme->groups[0]->name, 'step' => $run->step,
            'state' => $run->whyVoid() !== null ? 'void' : ($run->isComplete() ? 'complete' : 'not finished'), 'void_because' => $run->whyVoid(),
            'checked_by' => $last?->by, 'checked_at' => $last === null ? null : $this->local($last->at),
            'sources' => array_values(array_unique(array_column($programme->groups, 'source'))), 'aim' => $programme->aim->value,
            'bolts' => array_map(static fn (Fastener $bolt): array => [
                'id' => $bolt->id, 'x' => $bolt->x->quantity(), 'y' => $bolt->y->quantity(), 'thread' => $bolt->thread,
                'condition' => $bolt->condition(), 'left_hand' => $bolt->leftHand,
            ], array_values($programme->bolts)),
            'stages' => array_map(static fn (Pass $pass): array => ['asked' => $pass->words(), 'order' => $pass->order], $programme->passes),
            'pulls' => array_map(fn (Made $made): array => $this->pull($programme->passes[$made->pull->pass] ?? null, $made), $run->made()),
            'owed' => array_map(static fn (Owed $owed): string => $owed->bolt.': '.$owed->reason, $run->owed()),
            'remarks' => $run->remarks(),
            'place' => JointPlace::of($this->state->sheet, $slab, $programme),
        ];
    }

    /** @return array<string, mixed> */
    private function pull(?Pass $pass, Made $made): array
    {
        $pull = $made->pull;

        return [
            'stage' => $pull->pass + 1, 'bolt' => $pull->bolt, 'outcome' => $made->outcome->value,
            'figure' => $pull->said->figure === null ? null : $pass?->written($pull->said->figure),
            'with' => $pull->with?->words(), 'by' => $pull->by, 'at' => $this->local($pull->at),
        ];
    }

    private function local(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->zone)->format(DATE_ATOM);
    }
}
