<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What is understood of a table of limits, and what it would change. */
#[OA\Schema(schema: 'LimitTable')]
final readonly class LimitTableShape
{
    /**
     * @param  list<LimitRowShape>  $rows
     * @param  list<DifferenceShape>  $changes
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: LimitRowShape::class))]
        public array $rows,
        #[OA\Property(items: new OA\Items(ref: DifferenceShape::class))]
        public array $changes,
        #[OA\Property(description: 'why the sheet could not be kept so')]
        public ?string $refused,
    ) {
    }
}
