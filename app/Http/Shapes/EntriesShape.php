<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What became of a batch, and the job after it. */
#[OA\Schema(schema: 'Entries')]
final readonly class EntriesShape
{
    /**
     * @param  list<EntryResultShape>  $results
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: EntryResultShape::class))]
        public array $results,
        #[OA\Property]
        public JobShape $job,
    ) {
    }
}
