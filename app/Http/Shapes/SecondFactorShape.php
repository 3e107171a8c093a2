<?php

namespace App\Http\Shapes;

/** How somebody stands with a second factor. */
final readonly class SecondFactorShape
{
    /**
     * @param  bool  $on  codes are asked for
     * @param  bool  $advised  the role that this person has should have one
     * @param  int  $codesLeft  codes on paper that are left
     * @param  string|null  $secret  what a telephone is given, in base 32; once, until a first code confirms it
     * @param  string|null  $address  the same as the square says it
     * @param  list<string>  $codes  the codes on paper, told once
     */
    public function __construct(
        public bool $on,
        public bool $advised,
        public int $codesLeft,
        public ?string $secret = null,
        public ?string $address = null,
        public array $codes = [],
    ) {
    }
}
