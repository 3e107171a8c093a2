<?php

namespace App\Http\Shapes;

/** An engine as far as it has been said: what is drawn of it while somebody answers. */
final readonly class FirstSheetShape
{
    /**
     * @param  list<FloorSlabShape>  $slabs
     * @param  bool  $known  whether the spec book has one of this name
     */
    public function __construct(
        public string $id,
        public string $title,
        public string $description,
        public string $facts,
        public DrawingShape $drawing,
        public array $slabs,
        public bool $known,
    ) {
    }
}
