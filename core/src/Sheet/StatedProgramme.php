<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** How one group of fasteners is pulled, as the maker states it: stage after stage, or as another group seen in a mirror. */
final readonly class StatedProgramme
{
    public const KEYS = ['group', 'name', 'mirrors', 'stages', 'source', 'over'];

    private const MOST_STAGES = 20;

    /**
     * @param  string|null  $mirrors  the group whose stages it takes over, left for right
     * @param  list<StatedStage>  $stages  none where it mirrors another
     */
    private function __construct(
        public string $group,
        public ?string $name,
        public ?string $mirrors,
        public array $stages,
        public string $source,
        public AfterOver $over,
    ) {
    }

    public static function read(Fields $fields): self
    {
        $mirrors = $fields->textOrNull('mirrors', 80);
        $stages = array_map(StatedStage::read(...),
            $fields->limited('stages', self::MOST_STAGES)->objects('stages', ...StatedStage::KEYS));
        if ($mirrors !== null && $stages !== []) {
            throw $fields->placed(ContradictoryFields::excluded('mirrors', $mirrors,
                'A programme either has stages of its own or mirrors another.', 'one of both'));
        }
        if ($mirrors === null && $stages === []) {
            throw $fields->placed(MalformedDocument::missing('stages', 'at least one stage'));
        }
        self::refuseDisorder($fields, $stages);

        return new self($fields->text('group', 80), $fields->textOrNull('name', 80), $mirrors, $stages, $fields->text('source', 120),
            $fields->choiceOrNull('over', AfterOver::class) ?? AfterOver::Slacken);
    }

    /**
     * Torque rises from stage to stage, unless everything was eased in between; an angle is turned from snug.
     *
     * @param  list<StatedStage>  $stages
     */
    private static function refuseDisorder(Fields $fields, array $stages): void
    {
        $before = null;
        foreach ($stages as $index => $stage) {
            $highest = $stage->kind === StageKind::Check ? null : $stage->highest();
            if ($stage->kind === StageKind::Loosen && $stage->how === StatedStage::ALL) {
                $before = null;
            } elseif ($highest !== null && $before?->highest() > $highest) {
                throw $fields->placed(ContradictoryFields::excluded('', $stage->printed(),
                    'A stage asks for less than the one before it, '.$before->printed().'.', 'stages that rise'), "stages.$index");
            } elseif ($highest !== null) {
                $before = $stage;
            }
            $isFromSnug = array_filter(array_slice($stages, 0, $index),
                static fn (StatedStage $each): bool => $each->kind === StageKind::Snug || $each->drawsToTorque()) !== [];
            if ($stage->kind === StageKind::Angle && ! $isFromSnug) {
                throw $fields->placed(ContradictoryFields::excluded('', $stage->printed(),
                    'An angle is turned from snug.', 'a stage of kind snug or torque before it'), "stages.$index");
            }
        }
    }

    /**
     * As a document states it.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return array_filter([
            'group' => $this->group, 'name' => $this->name, 'mirrors' => $this->mirrors,
            'stages' => array_map(static fn (StatedStage $stage): array => $stage->toArray(), $this->stages),
            'source' => $this->source, 'over' => $this->over->value,
        ], static fn (mixed $said): bool => $said !== null && $said !== []);
    }
}
