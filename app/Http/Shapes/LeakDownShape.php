<?php

namespace App\Http\Shapes;

/** What a cylinder loses. */
final readonly class LeakDownShape
{
    /**
     * @param  list<string>  $hisses
     * @param  list<string>  $means
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public ?float $lost,
        public ?string $state,
        public ?string $words,
        public array $hisses,
        public array $means,
        public ?string $entry,
    ) {
    }
}
