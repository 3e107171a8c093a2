<?php

namespace App\Http\Shapes;

/** What was understood of a figure as a manual prints it, and how a sheet states it. */
final readonly class PrintedShape
{
    /**
     * @param  array<string, mixed>  $stated  min, max, service_min, service_max, rule; each with its unit
     */
    public function __construct(
        public string $understood,
        public array $stated,
    ) {
    }
}
