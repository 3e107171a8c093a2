<?php

namespace App\Http\Shapes;

/** Pieces that go together, and what they cost. */
final readonly class StackChoiceShape
{
    /**
     * @param  list<string>  $pieces
     * @param  bool  $fitsAll  everything else that is limited stays inside with it
     * @param  list<string>  $missing
     * @param  int|null  $days  open days until the last missing piece is here
     */
    public function __construct(
        public array $pieces,
        public string $named,
        public float $thickness,
        public ?float $low,
        public ?float $high,
        public bool $fitsAll,
        public array $missing,
        public ?int $days,
    ) {
    }
}
