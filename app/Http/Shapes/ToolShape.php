<?php

namespace App\Http\Shapes;

/** A measuring tool of the shop. */
final readonly class ToolShape
{
    /**
     * @param  list<string>  $leaves
     * @param  string|null  $length  of a torque wrench from hand to square, of its adapter from square to bolt
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public ?string $doubt,
        public array $leaves,
        public ?string $range,
        public ?string $resolution,
        public ?string $length,
        public ?string $checkedOn,
        public ?string $nextCheck,
        public bool $isOverdue,
        public bool $simulated,
    ) {
    }
}
