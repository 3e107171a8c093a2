<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The rods of one cylinder on hydraulic lifters. */
#[OA\Schema(schema: 'Rods')]
final readonly class RodsShape
{
    /**
     * @param  list<string>  $valves
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $task,
        #[OA\Property]
        public string $headline,
        #[OA\Property]
        public string $advice,
        #[OA\Property]
        public ?int $flats,
        #[OA\Property]
        public ?string $turns,
        #[OA\Property]
        public ?string $preload,
        #[OA\Property]
        public ?string $thread,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $valves,
        #[OA\Property]
        public ?WaitShape $wait,
        #[OA\Property]
        public ?string $letOut,
        #[OA\Property]
        public ?string $spins,
        #[OA\Property]
        public bool $adjustable,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
