<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A job as the build screen shows it. */
#[OA\Schema(schema: 'Job')]
final readonly class JobShape
{
    /**
     * @param  list<SlabShape>  $slabs
     * @param  list<SpotShape>  $spots
     * @param  list<AssessmentShape>  $assessments
     * @param  list<StepShape>  $steps
     * @param  list<PartShape>  $parts
     * @param  list<ToolShape>  $tools
     * @param  list<SlipLineShape>  $slip
     * @param  list<BoreAdviceShape>  $bores
     * @param  list<GapPlaceShape>  $gaps
     * @param  list<MarkedPartShape>  $marks
     * @param  list<ShellChoiceShape>  $shells
     * @param  list<string>  $nextSteps
     * @param  list<WaitShape>  $waits
     * @param  list<LedgerItemShape>  $ledger
     * @param  list<DebtShape>  $debts
     * @param  list<PlannedPartShape>  $plannedParts
     * @param  list<SchoolShape>  $schools
     * @param  list<string>  $openEnds
     * @param  list<SymptomShape>  $symptoms
     * @param  list<int>  $earlier
     * @param  list<string>  $trays
     * @param  list<ActShape>  $acts
     * @param  list<HomePartShape>  $homeParts
     * @param  list<FindingShape>  $findings
     * @param  list<string>  $people
     */
    public function __construct(
        #[OA\Property]
        public int $number,
        #[OA\Property]
        public string $title,
        #[OA\Property]
        public string $description,
        #[OA\Property]
        public string $facts,
        #[OA\Property]
        public string $owner,
        #[OA\Property]
        public string $complaint,
        #[OA\Property]
        public ?string $promised,
        #[OA\Property]
        public ?string $promisedInWords,
        #[OA\Property]
        public bool $late,
        #[OA\Property]
        public int $lastSeq,
        #[OA\Property]
        public float $progress,
        #[OA\Property]
        public ?string $togetherUpTo,
        #[OA\Property]
        public DrawingShape $drawing,
        #[OA\Property(items: new OA\Items(ref: SlabShape::class))]
        public array $slabs,
        #[OA\Property(items: new OA\Items(ref: SpotShape::class))]
        public array $spots,
        #[OA\Property(items: new OA\Items(ref: AssessmentShape::class))]
        public array $assessments,
        #[OA\Property(items: new OA\Items(ref: StepShape::class))]
        public array $steps,
        #[OA\Property]
        public NextShape $next,
        #[OA\Property(items: new OA\Items(ref: PartShape::class))]
        public array $parts,
        #[OA\Property(items: new OA\Items(ref: ToolShape::class))]
        public array $tools,
        #[OA\Property(items: new OA\Items(ref: SlipLineShape::class))]
        public array $slip,
        #[OA\Property(items: new OA\Items(ref: BoreAdviceShape::class))]
        public array $bores,
        #[OA\Property]
        public ?PairingShape $pairing,
        #[OA\Property(items: new OA\Items(ref: GapPlaceShape::class))]
        public array $gaps,
        #[OA\Property(items: new OA\Items(ref: MarkedPartShape::class))]
        public array $marks,
        #[OA\Property(description: 'what would tell of the marks that are too close to call')]
        public ?string $marksSettledBy,
        #[OA\Property(items: new OA\Items(ref: ShellChoiceShape::class))]
        public array $shells,
        #[OA\Property]
        public HoningShape $honing,
        #[OA\Property(description: 'a later version of the sheet than the one this job began with')]
        public ?int $newerSheet,
        #[OA\Property]
        public string $sheet,
        #[OA\Property]
        public int $sheetVersion,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $nextSteps,
        #[OA\Property(items: new OA\Items(ref: WaitShape::class))]
        public array $waits,
        #[OA\Property(items: new OA\Items(ref: LedgerItemShape::class))]
        public array $ledger,
        #[OA\Property(items: new OA\Items(ref: DebtShape::class))]
        public array $debts,
        #[OA\Property(items: new OA\Items(ref: PlannedPartShape::class))]
        public array $plannedParts,
        #[OA\Property(items: new OA\Items(ref: SchoolShape::class))]
        public array $schools,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $openEnds,
        #[OA\Property(items: new OA\Items(ref: SymptomShape::class))]
        public array $symptoms,
        #[OA\Property]
        public int $minutesLeft,
        #[OA\Property(description: 'earlier jobs of the same owner and engine', items: new OA\Items(type: 'integer'))]
        public array $earlier,
        #[OA\Property(description: 'slabs that have a bolt board', items: new OA\Items(type: 'string'))]
        public array $trays,
        #[OA\Property(items: new OA\Items(ref: ActShape::class))]
        public array $acts,
        #[OA\Property(items: new OA\Items(ref: HomePartShape::class))]
        public array $homeParts,
        #[OA\Property(items: new OA\Items(ref: FindingShape::class))]
        public array $findings,
        #[OA\Property(description: 'the sheet\'s own note on its engine')]
        public ?string $sheetNote,
        #[OA\Property(description: 'initials of everybody in the shop', items: new OA\Items(type: 'string'))]
        public array $people,
        #[OA\Property(description: 'when the machine was handed over')]
        public ?string $handedOver,
        #[OA\Property]
        public string $zone,
    ) {
    }
}
