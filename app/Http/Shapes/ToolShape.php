<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A measuring tool of the shop. */
#[OA\Schema(schema: 'Tool')]
final readonly class ToolShape
{
    /**
     * @param  list<string>  $leaves
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public ?string $doubt,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $leaves,
    ) {
    }
}
