<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Lining;

/** What the sheet says of honing its barrel; lengths in millimetres. */
final readonly class HoningShape
{
    /**
     * @param  list<string>  $tools
     * @param  float|null  $taperMax  the most that its taper may be
     */
    public function __construct(
        public Lining $lining,
        public array $tools,
        public ?float $budget,
        public ?float $taperMax,
    ) {
    }
}
