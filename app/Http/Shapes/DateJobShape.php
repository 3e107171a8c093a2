<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** When a job will be done, and what keeps it. */
#[OA\Schema(schema: 'DateJob')]
final readonly class DateJobShape
{
    /**
     * @param  list<DateBarShape>  $bars
     * @param  list<DatePartShape>  $parts
     * @param  list<NeedShape>  $needs
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $finish,
        #[OA\Property]
        public ?string $promised,
        #[OA\Property]
        public ?int $daysLate,
        #[OA\Property(items: new OA\Items(ref: DateBarShape::class))]
        public array $bars,
        #[OA\Property(items: new OA\Items(ref: DatePartShape::class))]
        public array $parts,
        #[OA\Property(items: new OA\Items(ref: NeedShape::class))]
        public array $needs,
    ) {
    }
}
