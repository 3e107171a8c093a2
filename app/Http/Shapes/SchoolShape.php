<?php

namespace App\Http\Shapes;

/** A matter on which good mechanics differ. */
final readonly class SchoolShape
{
    /**
     * @param  'chosen'|'sheet'|'shop'|'usual'  $whose  chosen on the build, of the sheet, the shop's habit, or the usual one
     * @param  list<SchoolOptionShape>  $options
     */
    public function __construct(
        public string $matter,
        public string $question,
        public string $chosen,
        public string $whose,
        public ?string $reason,
        public bool $isFixed,
        public array $options,
    ) {
    }
}
