<?php

namespace App\Http\Shapes;

/** Cranking compression of all, before and after. */
final readonly class CompressionShape
{
    /**
     * @param  list<CompressionRowShape>  $rows
     */
    public function __construct(
        public array $rows,
        public ?string $limit,
        public ?float $spreadBefore,
        public ?float $spreadAfter,
        public ?string $spreadState,
        public ?float $spreadAllowed,
        public ?string $hint,
    ) {
    }
}
