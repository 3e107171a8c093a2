<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What was understood of a figure as a manual prints it, and how a sheet states it. */
#[OA\Schema(schema: 'Printed')]
final readonly class PrintedShape
{
    /** @param  array<string, mixed>  $stated */
    public function __construct(
        #[OA\Property]
        public string $understood,
        #[OA\Property(description: 'min, max, service_min, service_max, rule; each with its unit', type: 'object', additionalProperties: true)]
        public array $stated,
    ) {
    }
}
