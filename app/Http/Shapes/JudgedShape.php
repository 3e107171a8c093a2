<?php

namespace App\Http\Shapes;

/** Something that a sheet may state limits of. */
final readonly class JudgedShape
{
    public function __construct(
        public string $name,
        public string $title,
    ) {
    }
}
