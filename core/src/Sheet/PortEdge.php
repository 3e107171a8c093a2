<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\ContradictoryFields;

/** A port in a barrel’s wall: its upper edge from the top face down, and where it lies, clockwise from the exhaust. */
final readonly class PortEdge
{
    public const KEYS = ['id', 'name', 'top', 'bottom', 'at', 'width'];

    /** The port whose closing traps the charge. */
    public const EXHAUST = 'exhaust';

    private function __construct(
        public string $id,
        public string $name,
        public ?Length $top,
        public ?Length $bottom,
        public float $at,
        public ?Length $width,
    ) {
    }

    /** @return list<self> */
    public static function each(Fields $geometry): array
    {
        $ports = [];
        foreach ($geometry->objects('ports', ...self::KEYS) as $fields) {
            $port = self::read($fields);
            if (in_array($port->id, array_column($ports, 'id'), true)) {
                throw $geometry->placed(ContradictoryFields::excluded('ports', $port->id, 'An id stands twice.', 'every id once'));
            }
            $ports[] = $port;
        }

        return $ports;
    }

    public static function read(Fields $fields): self
    {
        [$top, $bottom] = [$fields->sizeOrNull('top'), $fields->sizeOrNull('bottom')];
        if ($top !== null && $bottom !== null && ! $top->isLessThan($bottom)) {
            throw $fields->placed(ContradictoryFields::crossed('top', $top->written(), 'bottom', $bottom->written()));
        }

        return new self(
            $fields->text('id', 40), $fields->text('name', 80), $top, $bottom,
            $fields->has('at') ? $fields->angle('at') / Dimension::Angle->stepsPerUnit() : 0.0, $fields->sizeOrNull('width'),
        );
    }
}
