<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\SourceKind;

/** A source that states a limit. */
final readonly class SourceShape
{
    public function __construct(
        public SourceKind $source,
        public string $text,
        public bool $hasRange,
        public bool $hasService,
        public bool $rulesRange,
        public bool $rulesService,
    ) {
    }
}
