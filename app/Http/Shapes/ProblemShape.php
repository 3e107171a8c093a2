<?php

namespace App\Http\Shapes;

/** An error (RFC 9457), with the field, what was read and what is allowed where something was typed. */
final readonly class ProblemShape
{
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public ?string $field,
        public ?string $message,
        public ?string $read,
        public ?string $allowed,
    ) {
    }
}
