<?php

namespace App\Http\Shapes;

use Moltrek\Core\ValveGear\ShimSource;

/** What the plan says of one valve. */
final readonly class ShimRowShape
{
    /**
     * @param  string|null  $fitted  by whom
     */
    public function __construct(
        public string $valve,
        public string $from,
        public string $to,
        public ShimSource $source,
        public ?string $whose,
        public string $words,
        public string $after,
        public bool $changes,
        public ?string $fitted,
    ) {
    }
}
