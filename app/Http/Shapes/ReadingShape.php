<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What stands at a measuring place, as it was typed. */
#[OA\Schema(schema: 'Reading')]
final readonly class ReadingShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $text,
        #[OA\Property]
        public ?float $millimetres,
        #[OA\Property]
        public ?string $figure,
        #[OA\Property]
        public ?string $setting,
        #[OA\Property]
        public ?string $deviation,
        #[OA\Property]
        public ?string $passes,
        #[OA\Property]
        public ?string $drags,
        #[OA\Property]
        public ?string $refuses,
        #[OA\Property(description: 'what is shown large')]
        public string $shown,
        #[OA\Property]
        public ?string $hole,
        #[OA\Property]
        public ?string $shaft,
        #[OA\Property]
        public ?string $answer,
        #[OA\Property]
        public ?string $atLeast,
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public ?string $tool,
        #[OA\Property]
        public ?string $setWith,
    ) {
    }
}
