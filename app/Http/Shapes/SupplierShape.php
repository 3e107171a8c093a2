<?php

namespace App\Http\Shapes;

/** Somebody the shop buys from. */
final readonly class SupplierShape
{
    /**
     * @param  int  $days  open days until a part comes
     * @param  string  $here  the day on which one that is ordered today is here
     */
    public function __construct(
        public string $name,
        public int $days,
        public string $here,
    ) {
    }
}
