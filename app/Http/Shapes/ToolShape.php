<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A measuring tool of the shop. */
#[OA\Schema(schema: 'Tool')]
final readonly class ToolShape
{
    /**
     * @param  list<string>  $leaves
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public ?string $doubt,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $leaves,
        #[OA\Property]
        public ?string $range,
        #[OA\Property]
        public ?string $resolution,
        #[OA\Property(description: 'of a torque wrench from hand to square, of its adapter from square to bolt')]
        public ?string $length,
        #[OA\Property]
        public ?string $checkedOn,
        #[OA\Property]
        public ?string $nextCheck,
        #[OA\Property]
        public bool $isOverdue,
        #[OA\Property]
        public bool $simulated,
    ) {
    }
}
