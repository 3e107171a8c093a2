<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What happened, and who can have done it. */
#[OA\Schema(schema: 'JobLog')]
final readonly class JobLogShape
{
    /**
     * @param  list<SlipLineShape>  $slip
     * @param  list<string>  $people
     */
    public function __construct(
        #[OA\Property(description: 'the last entry that this answer knows of')]
        public int $lastSeq,
        #[OA\Property(description: 'the newest first', items: new OA\Items(ref: SlipLineShape::class))]
        public array $slip,
        #[OA\Property(description: 'initials of everybody in the shop', items: new OA\Items(type: 'string'))]
        public array $people,
    ) {
    }
}
