<?php

namespace App\Http\Shapes;

/** Variants tried against each other. */
final readonly class TrialShape
{
    /**
     * @param  list<TrialVariantShape>  $variants
     */
    public function __construct(
        public string $trial,
        public array $variants,
        public ?string $winner,
        public ?string $because,
    ) {
    }
}
