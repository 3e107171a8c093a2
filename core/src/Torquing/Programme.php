<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\StageKind;

/**
 * How one joint is pulled: its groups of fasteners one after another, each in its stages. A run takes it along whole, so that
 * what was done is read by the figures it was done to.
 */
final readonly class Programme implements Stating
{
    private const MOST_GROUPS = 8;

    /** @var list<Pass> once round each, in the order in which they are done */
    public array $passes;

    /** @var array<string, Fastener> by id */
    public array $bolts;

    /** @param  non-empty-list<Group>  $groups */
    private function __construct(public array $groups, public Aim $aim)
    {
        $passes = $bolts = [];
        foreach ($groups as $group) {
            foreach ($group->stages as $stage) {
                $passes[] = new Pass($group->id, $stage, $group->over, $aim);
            }
            $bolts += array_column($group->bolts, null, 'id');
        }
        $this->passes = $passes;
        $this->bolts = $bolts;
    }

    /** @throws MalformedDocument|ContradictoryFields */
    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['groups' => new Odd(['type' => 'array', 'items' => ['type' => 'object', 'additionalProperties' => true]])],
            ['aim' => new Choice(Aim::class)],
        );
    }

    public static function read(Fields $fields): self
    {
        $groups = array_map(Group::read(...), $fields->limited('groups', self::MOST_GROUPS)->objects('groups', ...Group::KEYS));
        $ids = array_merge(...array_map(static fn (Group $group): array => array_column($group->bolts, 'id'), $groups), ...[[]]);
        if ($groups === []) {
            throw $fields->placed(MalformedDocument::missing('groups', 'a list of at least one group'));
        }
        if (count(array_unique($ids)) < count($ids)) {
            throw $fields->placed(ContradictoryFields::excluded('groups', implode(', ', $ids),
                'A fastener stands in two groups: two figures for one.', 'every id once'));
        }

        return new self($groups, $fields->choiceOrNull('aim', Aim::class) ?? Aim::Middle);
    }

    /** What a sheet states for a step; null where a group of its fasteners, or all of them, are without a programme. */
    public static function on(EngineSheet $sheet, string $step, Aim $aim = Aim::Middle): ?self
    {
        $bolts = $sheet->stack->pulledIn($step);
        $stated = [];
        foreach ($sheet->programmes->all as $programme) {
            $own = array_values(array_filter($bolts, static fn (Fastener $bolt): bool => $bolt->group === $programme->group));
            $stages = $sheet->programmes->stagesOf($programme);
            if ($own !== [] && $stages !== []) {
                $slab = $sheet->stack->named($own[0]->slab)->name ?? $programme->group;
                $stated[$programme->group] = new Group($programme->group, $programme->name ?? $slab, $programme->source, $programme->over,
                    $own, $stages);
            }
        }
        $groups = array_unique(array_column($bolts, 'group'));

        return $stated === [] || array_diff($groups, array_keys($stated)) !== [] ? null : new self(array_values($stated), $aim);
    }

    public function pass(int $index): ?Pass
    {
        return $this->passes[$index] ?? null;
    }

    /**
     * Past what a fastener is not to be drawn in a pass before it is asked about: the greatest of this pass and those that come
     * after it, as far as the joint is eased; but what an angle is turned from is final in itself. Null without a torque.
     */
    public function finalIn(int $index): ?Target
    {
        $final = $this->passes[$index]->target;
        for ($later = $index + 1; ($pass = $this->pass($later)) !== null && $pass->group === $this->passes[$index]->group; $later++) {
            if ($pass->is(StageKind::Loosen) || $pass->is(StageKind::Angle)) {
                return $pass->is(StageKind::Angle) ? $this->passes[$index]->target : $final;
            }
            $final = $pass->target !== null && $pass->target->ends()[1] > ($final?->ends()[1] ?? 0.0) ? $pass->target : $final;
        }

        return $final;
    }

    /** Where the group of a pass begins. */
    public function begins(int $index): int
    {
        while ($index > 0 && $this->passes[$index - 1]->group === $this->passes[$index]->group) {
            $index--;
        }

        return $index;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['aim' => $this->aim->value, 'groups' => array_map(static fn (Group $group): array => $group->toArray(), $this->groups)];
    }
}
