<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** An error (RFC 9457), with the field, what was read and what is allowed where something was typed. */
#[OA\Schema(schema: 'Problem')]
final readonly class ProblemShape
{
    public function __construct(
        #[OA\Property]
        public string $type,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public int $status,
        #[OA\Property]
        public string $detail,
        #[OA\Property]
        public ?string $field,
        #[OA\Property]
        public ?string $message,
        #[OA\Property]
        public ?string $read,
        #[OA\Property]
        public ?string $allowed,
    ) {
    }
}
