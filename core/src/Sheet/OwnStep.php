<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;

/** A step that only this engine has, or only this job. */
final readonly class OwnStep implements Stating
{
    use Stated;

    /**
     * @param  list<string>  $needs  steps that come first
     * @param  list<string>  $before  steps that wait for it
     * @param  string|null  $question  what it asks, where it is a hold
     * @param  list<string>  $parts  new parts that it takes
     * @param  list<string>  $tools
     */
    private function __construct(
        #[Text(80)] public string $id,
        #[Text(60)] public string $slab,
        #[Text(160)] public string $name,
        #[Text(300)] public string $why = '',
        #[Texts] public array $needs = [],
        #[Texts] public array $before = [],
        #[Whole(0, 600)] public int $minutes = 5,
        #[Text(200)] public ?string $caution = null,
        public StepKind $kind = StepKind::Fit,
        #[Text(20)] public ?string $cylinder = null,
        #[Text(300)] public ?string $question = null,
        #[Texts] public array $parts = [],
        #[Texts] public array $tools = [],
        #[Text(80)] public ?string $torque = null,
    ) {
    }

    /**
     * As a document states it, without what it leaves open.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $stated = [];
        foreach (self::payload()->names() as $key) {
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
        ] + $this->toArray()), ...self::payload()->names()));
    }
}
