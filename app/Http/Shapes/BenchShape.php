<?php

namespace App\Http\Shapes;

/** A bench of the shop, and the job whose machine stands on it. */
final readonly class BenchShape
{
    public function __construct(
        public string $name,
        public ?int $job,
    ) {
    }
}
