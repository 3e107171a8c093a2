<?php

namespace App\Http\Shapes;

/** A code by which a person sets a password, said once. */
final readonly class CodeShape
{
    /**
     * @param  string  $path  the page on which it is used
     */
    public function __construct(
        public string $username,
        public string $name,
        public string $code,
        public string $path,
        public string $until,
    ) {
    }
}
