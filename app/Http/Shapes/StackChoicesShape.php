<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What brings one side of a barrel inside its limit. */
#[OA\Schema(schema: 'StackChoices')]
final readonly class StackChoicesShape
{
    /**
     * @param  list<StackChoiceShape>  $choices
     * @param  list<StackChoiceShape>  $nearly
     */
    public function __construct(
        #[OA\Property]
        public bool $below,
        #[OA\Property(description: 'what it is chosen by')]
        public ?string $by,
        #[OA\Property]
        public ?string $target,
        #[OA\Property(description: 'the exact thickness, in millimetres')]
        public ?float $wanted,
        #[OA\Property(items: new OA\Items(ref: StackChoiceShape::class))]
        public array $choices,
        #[OA\Property(items: new OA\Items(ref: StackChoiceShape::class))]
        public array $nearly,
    ) {
    }
}
