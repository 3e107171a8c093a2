<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A timing mark where the sheet puts it. */
#[OA\Schema(schema: 'TimingMark')]
final readonly class TimingMarkShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $on,
        #[OA\Property]
        public string $for,
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public ?string $side,
        #[OA\Property(description: 'crank degrees after the top of its cylinder')]
        public float $meets,
        #[OA\Property(description: 'degrees from straight up, clockwise as it is seen')]
        public float $clock,
        #[OA\Property]
        public ?string $against,
        #[OA\Property]
        public string $seenFrom,
        #[OA\Property(description: 'whether it is seen from the other side than the crank is drawn from')]
        public bool $mirrored,
        #[OA\Property]
        public bool $trusted,
        #[OA\Property(description: 'who punched a new one beside it')]
        public ?string $punched,
        #[OA\Property(description: 'degrees off the point that was read inside; null where it agrees or nothing says')]
        public ?float $off,
    ) {
    }
}
