<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** A step that only this engine has, or only this job. */
final readonly class OwnStep
{
    public const KEYS = [
        'id', 'slab', 'name', 'why', 'needs', 'before', 'minutes', 'caution', 'kind', 'cylinder', 'question', 'parts', 'tools', 'torque',
    ];

    /**
     * @param  list<string>  $needs  steps that come first
     * @param  list<string>  $before  steps that wait for it
     * @param  string|null  $question  what it asks, where it is a hold
     * @param  list<string>  $parts  new parts that it takes
     * @param  list<string>  $tools
     */
    private function __construct(
        public string $id,
        public string $slab,
        public string $name,
        public string $why,
        public array $needs,
        public array $before,
        public int $minutes,
        public ?string $caution,
        public StepKind $kind,
        public ?string $cylinder,
        public ?string $question,
        public array $parts,
        public array $tools,
        public ?string $torque,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 80), $fields->text('slab', 60), $fields->text('name', 160), $fields->textOrNull('why', 300) ?? '',
            $fields->texts('needs'), $fields->texts('before'), $fields->has('minutes')
                ? $fields->whole('minutes', 0, 600) : 5, $fields->textOrNull('caution', 200),
            $fields->choiceOrNull('kind', StepKind::class) ?? StepKind::Fit,
            $fields->textOrNull('cylinder', 20), $fields->textOrNull('question', 300),
            $fields->texts('parts'), $fields->texts('tools'), $fields->textOrNull('torque', 80),
        );
    }

    /**
     * As a document states it, without what it leaves open.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $stated = [];
        foreach (self::KEYS as $key) {
            $said = $key === 'kind' ? $this->kind->value : $this->{$key};
            if (! in_array($said, [null, '', []], true)) {
                $stated[$key] = $said;
            }
        }

        return $stated;
    }

    /**
     * The same, neither before nor after steps that are not known elsewhere.
     *
     * @param  list<string>  $unknown
     */
    public function without(array $unknown): self
    {
        return self::read(Fields::of((object) ([
            'needs' => array_values(array_diff($this->needs, $unknown)), 'before' => array_values(array_diff($this->before, $unknown)),
        ] + $this->toArray()), ...self::KEYS));
    }
}
