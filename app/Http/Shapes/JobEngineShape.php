<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The engine of a job: its sheet, as the screens need it. */
#[OA\Schema(schema: 'JobEngine')]
final readonly class JobEngineShape
{
    /**
     * @param  list<FindingShape>  $findings
     */
    public function __construct(
        #[OA\Property]
        public string $description,
        #[OA\Property]
        public string $facts,
        #[OA\Property]
        public bool $hasValves,
        #[OA\Property]
        public DrawingShape $drawing,
        #[OA\Property]
        public string $sheet,
        #[OA\Property]
        public int $sheetVersion,
        #[OA\Property(description: 'a later version of the sheet than the one this job began with')]
        public ?int $newerSheet,
        #[OA\Property(description: 'the sheet\'s own note on its engine')]
        public ?string $sheetNote,
        #[OA\Property(items: new OA\Items(ref: FindingShape::class))]
        public array $findings,
    ) {
    }
}
