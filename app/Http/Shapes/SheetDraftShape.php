<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A sheet while somebody writes it: what is wrong with it, what the rest says, and what follows from it. */
#[OA\Schema(schema: 'SheetDraft')]
final readonly class SheetDraftShape
{
    /**
     * @param  list<RefusalShape>  $refusals
     * @param  list<string>  $says
     * @param  list<string>  $lacks
     * @param  list<DifferenceShape>  $differences
     * @param  list<GapPlaceShape>  $gaps
     * @param  list<TimingLiftShape>  $lifts
     * @param  list<DraftErrandShape>  $errands
     * @param  list<JudgedShape>  $judged
     */
    public function __construct(
        #[OA\Property(description: 'everything in it that cannot be used, by its place', items: new OA\Items(ref: RefusalShape::class))]
        public array $refusals,
        #[OA\Property(description: 'as it reads without what is refused; null where too little is left', type: 'object', nullable: true, oneOf: [new OA\Schema(ref: FirstSheetShape::class)])]
        public ?FirstSheetShape $drawn,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $says,
        #[OA\Property(description: 'what it does not say, and where that is asked for', items: new OA\Items(type: 'string'))]
        public array $lacks,
        #[OA\Property(description: 'from the version that is there', items: new OA\Items(ref: DifferenceShape::class))]
        public array $differences,
        #[OA\Property(items: new OA\Items(ref: GapPlaceShape::class))]
        public array $gaps,
        #[OA\Property(items: new OA\Items(ref: TimingLiftShape::class))]
        public array $lifts,
        #[OA\Property(description: 'what it can be brought for, each with its order of work', items: new OA\Items(ref: DraftErrandShape::class))]
        public array $errands,
        #[OA\Property(description: 'what a limit may be of', items: new OA\Items(ref: JudgedShape::class))]
        public array $judged,
    ) {
    }
}
