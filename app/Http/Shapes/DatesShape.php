<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The schedule of the shop. */
#[OA\Schema(schema: 'Dates')]
final readonly class DatesShape
{
    /**
     * @param  list<string>  $people
     * @param  list<int>  $closedWeekdays
     * @param  list<DateJobShape>  $jobs
     * @param  list<ComesBackShape>  $comesBack
     */
    public function __construct(
        #[OA\Property]
        public string $start,
        #[OA\Property]
        public string $finish,
        #[OA\Property]
        public string $zone,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $people,
        #[OA\Property(description: 'on which the shop never opens, Sunday as 0', items: new OA\Items(type: 'integer'))]
        public array $closedWeekdays,
        #[OA\Property(items: new OA\Items(ref: DateJobShape::class))]
        public array $jobs,
        #[OA\Property(items: new OA\Items(ref: ComesBackShape::class))]
        public array $comesBack,
        #[OA\Property]
        public string $calendar,
    ) {
    }
}
