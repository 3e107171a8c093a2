<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/** How the cylinders stand, how the engine breathes and how it is cooled. */
final readonly class Layout
{
    public const KEYS = ['form', 'vee_angle', 'cooling', 'cylinders'];

    /** @param  non-empty-list<Cylinder>  $cylinders */
    private function __construct(
        public Cycle $cycle,
        public Form $form,
        public ?float $veeAngle,
        public Cooling $cooling,
        public array $cylinders,
    ) {
    }

    public static function read(Fields $sheet): self
    {
        $layout = $sheet->object('layout', ...self::KEYS);
        $form = $layout->choice('form', Form::class);
        $cylinders = array_map(Cylinder::read(...), $layout->objects('cylinders', ...Cylinder::KEYS));
        if ($cylinders === [] || ($form === Form::Single) !== (count($cylinders) === 1)) {
            throw $layout->placed(ContradictoryFields::excluded('cylinders', $layout->raw('cylinders'),
                'The form and the number of cylinders do not go together.', 'one for a single, two or more otherwise'));
        }

        $cycle = $sheet->choice('cycle', Cycle::class);
        self::refuseOtherTops($layout, $cycle, $cylinders);

        return new self(
            $cycle, $form,
            $layout->has('vee_angle') ? Dimension::Angle->canonicalValue($layout->angle('vee_angle')) : null,
            $layout->choice('cooling', Cooling::class), $cylinders,
        );
    }

    /**
     * A piston is at its top when its cylinder fires.
     *
     * @param  list<Cylinder>  $cylinders
     */
    private static function refuseOtherTops(Fields $layout, Cycle $cycle, array $cylinders): void
    {
        $turns = $cycle === Cycle::FourStroke ? 720 : 360;
        foreach ($cylinders as $index => $cylinder) {
            $off = $cylinder->fires === null ? 0.0 : fmod(fmod($cylinder->fires + $cylinder->phase, 360.0) + 360.0, 360.0);
            if ($cylinder->fires !== null && ($cylinder->fires < 0 || $cylinder->fires >= $turns || min($off, 360.0 - $off) > 1e-6)) {
                throw $layout->placed(ContradictoryFields::excluded('fires', $cylinder->fires.' deg',
                    'A cylinder fires at its own top dead centre.', "a turn at which its phase brings it up, from 0 up to $turns deg"),
                    "cylinders.$index");
            }
        }
    }

    public function cylinder(string $id): ?Cylinder
    {
        foreach ($this->cylinders as $cylinder) {
            if ($cylinder->id === $id) {
                return $cylinder;
            }
        }

        return null;
    }

    public function hasSeveral(): bool
    {
        return count($this->cylinders) > 1;
    }
}
