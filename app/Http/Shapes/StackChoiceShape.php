<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Pieces that go together, and what they cost. */
#[OA\Schema(schema: 'StackChoice')]
final readonly class StackChoiceShape
{
    /**
     * @param  list<string>  $pieces
     * @param  list<string>  $missing
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $pieces,
        #[OA\Property]
        public string $named,
        #[OA\Property]
        public float $thickness,
        #[OA\Property]
        public ?float $low,
        #[OA\Property]
        public ?float $high,
        #[OA\Property(description: 'everything else that is limited stays inside with it')]
        public bool $fitsAll,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $missing,
        #[OA\Property(description: 'until the last missing piece is here')]
        public ?int $days,
    ) {
    }
}
