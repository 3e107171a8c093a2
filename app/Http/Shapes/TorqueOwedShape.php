<?php

namespace App\Http\Shapes;

/** A fastener that was passed by. */
final readonly class TorqueOwedShape
{
    /**
     * @param  int|null  $stage  the first that it lacks
     */
    public function __construct(
        public string $bolt,
        public string $reason,
        public string $release,
        public ?int $stage,
    ) {
    }
}
