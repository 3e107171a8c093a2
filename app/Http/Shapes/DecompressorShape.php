<?php

namespace App\Http\Shapes;

/** The slack of a decompressor. */
final readonly class DecompressorShape
{
    public function __construct(
        public ?string $slack,
        public ?string $limit,
        public bool $inside,
        public ?TimingStepShape $step,
    ) {
    }
}
