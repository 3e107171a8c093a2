<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\AfterOver;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\PatternKind;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Sheet\StatedStage;

/** Fasteners that one programme pulls: the stages, each in its order. */
final readonly class Group
{
    public const KEYS = ['id', 'name', 'source', 'over', 'bolts', 'stages'];

    private const MOST_BOLTS = 60;

    private const MOST_STAGES = 21;

    /** @var list<StatedStage> with their orders, a check pass at the end */
    public array $stages;

    /**
     * @param  non-empty-list<Fastener>  $bolts
     * @param  non-empty-list<StatedStage>  $stages
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $source,
        public AfterOver $over,
        public array $bolts,
        array $stages,
    ) {
        $last = $stages[count($stages) - 1];
        $this->stages = $this->ordered([...$stages, ...$last->kind === StageKind::Check ? [] : [$last->checked()]]);
    }

    /**
     * A stage that states no order goes the way of the one before it; the first from the middle outwards, crossing over. What is
     * eased is eased the other way round, the outer ones first.
     *
     * @param  list<StatedStage>  $stages
     * @return list<StatedStage>
     */
    private function ordered(array $stages): array
    {
        $order = [];
        foreach ($stages as $index => $stage) {
            $order = match (true) {
                $stage->order !== [] => $stage->order,
                $stage->pattern !== null || $order === [] => $this->by($stage->pattern ?? PatternKind::InsideOut),
                default => $order,
            };
            $isEasing = $stage->how === StatedStage::ALL && $stage->order === [] && $stage->pattern === null;
            $isBare = $stage->kind === StageKind::Check && $stage->printed() === '' && $index > 0;
            $stages[$index] = ($isBare ? $stages[$index - 1]->checked() : $stage)->withOrder(...$isEasing ? array_reverse($order) : $order);
        }

        return $stages;
    }

    /** @return list<string> */
    private function by(PatternKind $pattern): array
    {
        $joint = new Joint(array_map(static fn (Fastener $bolt): Bolt => new Bolt($bolt->id, $bolt->x, $bolt->y), $this->bolts));

        return match ($pattern) {
            PatternKind::Cross => Pattern::cross($joint)->order(),
            PatternKind::Round => Pattern::round($joint)->order(),
            PatternKind::InsideOut => Pattern::insideOut($joint)->order(),
            PatternKind::Given => array_column($this->bolts, 'id'),
        };
    }

    public static function read(Fields $fields): self
    {
        $bolts = array_map(Fastener::read(...), $fields->limited('bolts', self::MOST_BOLTS)->objects('bolts', ...Fastener::KEYS));
        $stages = array_map(StatedStage::read(...),
            $fields->limited('stages', self::MOST_STAGES)->objects('stages', ...StatedStage::KEYS));
        if ($bolts === [] || $stages === []) {
            throw $fields->placed(MalformedDocument::missing($bolts === [] ? 'bolts' : 'stages', 'a list of at least one'));
        }
        $ids = array_column($bolts, 'id');
        if (count(array_unique($ids)) < count($ids)) {
            throw $fields->placed(ContradictoryFields::excluded('bolts', implode(', ', $ids), 'An id stands twice.', 'every id once'));
        }
        foreach ($stages as $index => $stage) {
            $unknown = array_values(array_diff($stage->order, $ids))[0] ?? null;
            if ($unknown !== null) {
                throw $fields->placed(MalformedDocument::wrongSort($unknown, 'one of '.implode(', ', $ids)), "stages.$index.order");
            }
        }

        return new self($fields->text('id', 80), $fields->text('name', 120), $fields->text('source', 120),
            $fields->choiceOrNull('over', AfterOver::class) ?? AfterOver::Slacken, $bolts, $stages);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'id' => $this->id, 'name' => $this->name, 'source' => $this->source, 'over' => $this->over->value,
            'bolts' => array_map(static fn (Fastener $bolt): array => $bolt->toArray(), $this->bolts),
            'stages' => array_map(static fn (StatedStage $stage): array => $stage->toArray(), $this->stages),
        ];
    }
}
