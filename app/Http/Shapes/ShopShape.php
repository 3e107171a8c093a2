<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The shop that is spoken to, and what it may be told. */
#[OA\Schema(schema: 'Shop')]
final readonly class ShopShape
{
    /**
     * @param  list<string>  $others
     * @param  array<string, list<string>>  $unitChoices
     * @param  list<string>  $zones
     * @param  list<string>  $benches
     * @param  list<SupplierShape>  $suppliers
     */
    public function __construct(
        #[OA\Property(description: '"own" or "practice"; empty where the installation keeps one alone')]
        public string $key,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $zone,
        #[OA\Property(description: 'ranges by day, mon to sun', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public object $hours,
        #[OA\Property(description: 'the unit that people think in, by dimension', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))]
        public object $units,
        #[OA\Property(description: 'it has an owner')]
        public bool $begun,
        #[OA\Property(description: 'the other shops of this installation that are open', items: new OA\Items(type: 'string'))]
        public array $others,
        #[OA\Property(description: 'the own shop of this installation has been begun')]
        public bool $ownBegun,
        #[OA\Property(description: 'the shop for practice stays beside it')]
        public bool $practice,
        #[OA\Property(description: 'the units to choose from, by dimension', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))]
        public array $unitChoices,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $zones,
        #[OA\Property(description: 'characters that a password has at least')]
        public int $shortestPassword,
        #[OA\Property(description: 'whoever begins it must know the code that the machine printed')]
        public bool $wantsCode,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $benches,
        #[OA\Property(items: new OA\Items(ref: SupplierShape::class))]
        public array $suppliers,
    ) {
    }
}
