<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One figure that hangs on thickness, as it is and as it would be. */
#[OA\Schema(schema: 'StackFigure')]
final readonly class StackFigureShape
{
    public function __construct(
        #[OA\Property]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $unit,
        #[OA\Property]
        public int $decimals,
        #[OA\Property]
        public ?float $before,
        #[OA\Property]
        public ?float $after,
        #[OA\Property(description: 'where it is no plain figure: "1.50 or more"')]
        public ?string $words,
        #[OA\Property(description: 'only what lies below the barrel moves it')]
        public bool $fromBelow,
        #[OA\Property]
        public ?string $note,
        #[OA\Property]
        public ?string $limit,
        #[OA\Property]
        public ?string $source,
        #[OA\Property]
        public ?VerdictShape $verdict,
        #[OA\Property(description: 'its whiskers: those before, then those after')]
        public ?RulerShape $ruler,
        #[OA\Property(description: 'how many of them are of before')]
        public int $wasWhiskers,
    ) {
    }
}
