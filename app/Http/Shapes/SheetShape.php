<?php

namespace App\Http\Shapes;

/** An engine sheet in the spec book. */
final readonly class SheetShape
{
    /**
     * @param  list<SheetVersionShape>  $versions
     * @param  list<SheetLimitShape>  $limits
     * @param  list<ConsequenceShape>  $consequences
     * @param  list<ErrandShape>  $errands  what an engine of this kind can be brought for
     * @param  list<SheetSlabShape>  $slabs  what can come off it, from the top
     * @param  string  $document  the document as it can be edited
     * @param  list<SheetTimingShape>  $timing
     */
    public function __construct(
        public string $slug,
        public string $title,
        public string $description,
        public string $facts,
        public int $version,
        public array $versions,
        public array $limits,
        public array $consequences,
        public array $errands,
        public array $slabs,
        public string $document,
        public array $timing,
    ) {
    }
}
