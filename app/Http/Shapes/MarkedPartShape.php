<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A place that carries a maker's mark, the mark that was read, and what the readings say of it. */
#[OA\Schema(schema: 'MarkedPart')]
final readonly class MarkedPartShape
{
    /**
     * @param  list<MarkChoiceShape>  $choices
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public ?string $mark,
        #[OA\Property(description: 'the marks it may carry; none where it is a number', items: new OA\Items(ref: MarkChoiceShape::class))]
        public array $choices,
        #[OA\Property]
        public ?VerdictShape $proof,
    ) {
    }
}
