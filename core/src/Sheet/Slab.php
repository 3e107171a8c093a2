<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One part of the stack: what it is, what it stands on, which cylinders it serves, what seals it and what its pull waits for. */
final readonly class Slab
{
    public const KEYS = ['id', 'name', 'drawn_as', 'note', 'on', 'cylinders', 'seal', 'pulled_after', 'half_moons'];

    /**
     * @param  list<string>  $on  slabs that it stands on; the case stands on none
     * @param  list<string>  $cylinders
     * @param  list<string>  $pulledAfter  slabs that must be on before its joint is pulled
     * @param  bool  $halfMoons  whether its seal runs over plugs in the head that are dressed with sealant
     */
    private function __construct(
        public string $id,
        public string $name,
        public SlabKind $kind,
        public ?string $note,
        public array $on,
        public array $cylinders,
        public ?Seal $seal,
        public array $pulledAfter,
        public bool $halfMoons = false,
    ) {
    }

    /** @param  list<string>  $cylinders  all of the engine's, for a slab that names none */
    public static function read(Fields $fields, ?self $before, array $cylinders): self
    {
        $named = $fields->texts('cylinders');

        return new self(
            $fields->text('id', 60),
            $fields->text('name', 120),
            $fields->choice('drawn_as', SlabKind::class),
            $fields->textOrNull('note'),
            $fields->has('on') ? $fields->texts('on') : ($before === null ? [] : [$before->id]),
            $named === [] ? $cylinders : array_values(array_intersect($cylinders, $named)),
            $fields->choiceOrNull('seal', Seal::class),
            $fields->texts('pulled_after'),
            $fields->flag('half_moons'),
        );
    }

    public function serves(string $cylinder): bool
    {
        return in_array($cylinder, $this->cylinders, true);
    }
}
