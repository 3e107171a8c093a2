<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A person as the people's page shows them. */
#[OA\Schema(schema: 'Colleague')]
final readonly class ColleagueShape
{
    public function __construct(
        #[OA\Property]
        public string $username,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $initials,
        #[OA\Property]
        public string $role,
        #[OA\Property(description: 'may no longer sign in')]
        public bool $disabled,
        #[OA\Property(description: 'has a code that waits to be used')]
        public bool $awaited,
        #[OA\Property(description: 'when they work; null where that is when the shop is open', type: 'object', nullable: true, additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public ?object $hours,
    ) {
    }
}
