<?php

namespace App\Http\Shapes;

/** One quantity at one kind of place, its sources side by side. */
final readonly class SheetLimitShape
{
    /**
     * @param  list<SourceShape>  $sources
     */
    public function __construct(
        public string $quantity,
        public string $of,
        public array $sources,
    ) {
    }
}
