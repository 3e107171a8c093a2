<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** One ring of the set, from the crown down. */
final readonly class Ring
{
    public const KEYS = ['id', 'name', 'kind', 'mark', 'peg', 'at', 'at_cylinder'];

    /**
     * @param  int|float|null  $at  where its peg or mark puts the gap, billionths of a degree clockwise from the exhaust
     * @param  array<string, int|float>  $atCylinder  where it lies in cylinders that have it elsewhere
     */
    private function __construct(
        public string $id,
        public string $name,
        public RingKind $kind,
        public ?string $mark,
        public ?string $peg,
        private int|float|null $at,
        private array $atCylinder,
    ) {
    }

    /** @param  list<string>  $cylinders */
    public static function read(Fields $fields, array $cylinders): self
    {
        $elsewhere = $fields->objectOrNull('at_cylinder', ...$cylinders);

        return new self(
            $fields->text('id', 30),
            $fields->text('name', 60),
            $fields->choice('kind', RingKind::class),
            $fields->textOrNull('mark'),
            $fields->textOrNull('peg'),
            $fields->has('at') ? $fields->angle('at') : null,
            $elsewhere === null ? [] : array_combine($elsewhere->keys(), array_map($elsewhere->angle(...), $elsewhere->keys())),
        );
    }

    /** Where its peg or mark puts the gap in a cylinder; null where nothing does. */
    public function gapIn(Cylinder $cylinder): int|float|null
    {
        return $this->atCylinder[$cylinder->id] ?? $this->at;
    }
}
