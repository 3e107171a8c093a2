<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\Errand;

/** Something that a machine can be brought for. */
final readonly class ErrandShape
{
    /**
     * @param  string  $words  what it does, and what it opens
     */
    public function __construct(
        public Errand $name,
        public string $words,
    ) {
    }
}
