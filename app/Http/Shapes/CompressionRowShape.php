<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;

/** Cranking compression of a cylinder. */
final readonly class CompressionRowShape
{
    public function __construct(
        public string $cylinder,
        public string $name,
        public string $spot,
        public ?string $before,
        public ?string $after,
        public ?string $wet,
        public ?State $state,
        public ?string $words,
        public ?string $says,
    ) {
    }
}
