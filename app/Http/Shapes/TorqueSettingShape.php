<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A wrench that can give what a pass asks, and what is set on it. */
#[OA\Schema(schema: 'TorqueSetting')]
final readonly class TorqueSettingShape
{
    /**
     * @param  list<string>  $cautions
     */
    public function __construct(
        #[OA\Property]
        public string $wrench,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?string $adapter,
        #[OA\Property]
        public ?string $adapterName,
        #[OA\Property(description: 'of the adapter to the handle, in degrees')]
        public float $angle,
        #[OA\Property(description: 'of the wrench, in mm')]
        public ?float $lever,
        #[OA\Property(description: 'of the adapter, in mm')]
        public ?float $reach,
        #[OA\Property]
        public string $dial,
        #[OA\Property(description: 'N·m')]
        public float $delivered,
        #[OA\Property(description: 'of the wrench at the bolt, N·m; null where nobody knows it')]
        public ?float $doubt,
        #[OA\Property]
        public bool $overdue,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $cautions,
    ) {
    }
}
