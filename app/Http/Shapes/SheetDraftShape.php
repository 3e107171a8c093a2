<?php

namespace App\Http\Shapes;

/** A sheet while somebody writes it: what is wrong with it, what the rest says, and what follows from it. */
final readonly class SheetDraftShape
{
    /**
     * @param  list<RefusalShape>  $refusals  everything in it that cannot be used, by its place
     * @param  FirstSheetShape|null  $drawn  as it reads without what is refused; null where too little is left
     * @param  list<string>  $says
     * @param  list<string>  $lacks  what it does not say, and where that is asked for
     * @param  list<DifferenceShape>  $differences  from the version that is there
     * @param  list<GapPlaceShape>  $gaps
     * @param  list<TimingLiftShape>  $lifts
     * @param  list<DraftErrandShape>  $errands  what it can be brought for, each with its order of work
     * @param  list<JudgedShape>  $judged  what a limit may be of
     */
    public function __construct(
        public array $refusals,
        public ?FirstSheetShape $drawn,
        public array $says,
        public array $lacks,
        public array $differences,
        public array $gaps,
        public array $lifts,
        public array $errands,
        public array $judged,
    ) {
    }
}
