<?php

namespace App\Http\Shapes;

/** A line of the log of security. */
final readonly class SecurityLineShape
{
    /**
     * @param  string|null  $who  whose doing it was; null where nobody knows
     * @param  string  $about  whom or what it was about
     * @param  string  $origin  an address, a tablet, the command line
     */
    public function __construct(
        public string $at,
        public string $what,
        public ?string $who,
        public string $about,
        public string $origin,
    ) {
    }
}
