<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** A step that only this engine has. */
final readonly class OwnStep
{
    public const KEYS = ['id', 'slab', 'name', 'why', 'needs', 'before', 'minutes', 'caution'];

    /**
     * @param  list<string>  $needs  steps that come first
     * @param  list<string>  $before  steps that wait for it
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
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 80), $fields->text('slab', 60), $fields->text('name', 160), $fields->text('why', 300),
            $fields->texts('needs'), $fields->texts('before'), $fields->has('minutes')
                ? $fields->whole('minutes', 0, 600) : 5, $fields->textOrNull('caution', 200),
        );
    }
}
