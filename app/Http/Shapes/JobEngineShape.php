<?php

namespace App\Http\Shapes;

/** The engine of a job: its sheet, as the screens need it. */
final readonly class JobEngineShape
{
    /**
     * @param  int|null  $newerSheet  a later version of the sheet than the one this job began with
     * @param  string|null  $sheetNote  the sheet's own note on its engine
     * @param  list<FindingShape>  $findings
     */
    public function __construct(
        public string $description,
        public string $facts,
        public bool $hasValves,
        public DrawingShape $drawing,
        public string $sheet,
        public int $sheetVersion,
        public ?int $newerSheet,
        public ?string $sheetNote,
        public array $findings,
    ) {
    }
}
