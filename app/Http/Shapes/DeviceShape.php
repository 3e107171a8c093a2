<?php

namespace App\Http\Shapes;

/** A tablet of the shop. */
final readonly class DeviceShape
{
    /**
     * @param  string|null  $seenAt  when somebody last took it over
     * @param  bool  $isHere  it is this one
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $enrolledAt,
        public ?string $seenAt,
        public bool $isHere,
    ) {
    }
}
