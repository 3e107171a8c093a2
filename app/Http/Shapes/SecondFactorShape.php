<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How somebody stands with a second factor. */
#[OA\Schema(schema: 'SecondFactor')]
final readonly class SecondFactorShape
{
    /** @param  list<string>  $codes */
    public function __construct(
        #[OA\Property(description: 'codes are asked for')]
        public bool $on,
        #[OA\Property(description: 'the role that this person has should have one')]
        public bool $advised,
        #[OA\Property(description: 'codes on paper that are left')]
        public int $codesLeft,
        #[OA\Property(description: 'what a telephone is given, in base 32; once, until a first code confirms it')]
        public ?string $secret = null,
        #[OA\Property(description: 'the same as the square says it')]
        public ?string $address = null,
        #[OA\Property(description: 'the codes on paper, told once', items: new OA\Items(type: 'string'))]
        public array $codes = [],
    ) {
    }
}
