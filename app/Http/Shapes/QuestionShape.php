<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A verdict that a hold asks about, because what it holds would close over it. */
#[OA\Schema(schema: 'Question')]
final readonly class QuestionShape
{
    public function __construct(
        #[OA\Property]
        public string $verdict,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'out or unsure')]
        public string $state,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public string $reason,
        #[OA\Property(description: 'the place whose reading would settle it')]
        public string $spot,
        #[OA\Property(description: 'who accepted it as it stands')]
        public ?string $by,
        #[OA\Property]
        public ?string $because,
    ) {
    }
}
