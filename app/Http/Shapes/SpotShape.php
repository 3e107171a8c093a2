<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A measuring place of the engine. */
#[OA\Schema(schema: 'Spot')]
final readonly class SpotShape
{
    /**
     * @param  list<string>  $units  that it is typed in, the usual one first
     * @param  list<string>  $instruments
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $quantity,
        #[OA\Property]
        public string $form,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hint,
        #[OA\Property(description: 'the small drawing of how it is taken')]
        public string $sketch,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public ?float $depth,
        #[OA\Property]
        public ?float $expected,
        #[OA\Property]
        public string $group,
        #[OA\Property]
        public string $title,
        #[OA\Property(description: 'the name of its place and quantity without the cylinder')]
        public string $label,
        #[OA\Property]
        public string $unit,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $units,
        #[OA\Property]
        public string $instrument,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $instruments,
        #[OA\Property]
        public bool $isExpected,
        #[OA\Property(description: 'for a yes or no: the right answer')]
        public ?string $good,
        #[OA\Property(description: 'for a yes or no: the wrong one')]
        public ?string $bad,
        #[OA\Property(description: 'what was read and no longer holds, and why')]
        public ?string $stale,
        #[OA\Property(description: 'the first reading, where another followed')]
        public ?string $before,
        #[OA\Property]
        public ?string $waitsFor,
        #[OA\Property]
        public ?ReadingShape $reading,
    ) {
    }
}
