<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A complaint, its suspect and the test that tells. */
#[OA\Schema(schema: 'Symptom')]
final readonly class SymptomShape
{
    public function __construct(
        #[OA\Property]
        public string $symptom,
        #[OA\Property]
        public string $suspect,
        #[OA\Property]
        public string $test,
        #[OA\Property(description: 'whether the complaint speaks of it')]
        public bool $isSpokenOf,
    ) {
    }
}
