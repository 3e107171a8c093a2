<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What a cylinder loses. */
#[OA\Schema(schema: 'LeakDown')]
final readonly class LeakDownShape
{
    /**
     * @param  list<string>  $hisses
     * @param  list<string>  $means
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?float $lost,
        #[OA\Property]
        public ?string $state,
        #[OA\Property]
        public ?string $words,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $hisses,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $means,
        #[OA\Property]
        public ?string $entry,
    ) {
    }
}
