<?php

namespace App\Http\Shapes;

/** What became of one entry that was sent. */
final readonly class EntryResultShape
{
    public function __construct(
        public string $id,
        public string $state,
        public ?RefusalShape $refusal,
    ) {
    }
}
