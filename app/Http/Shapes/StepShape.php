<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\Owing;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\StepKind;

/** A step of the work. */
final readonly class StepShape
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $takes
     * @param  list<string>  $inTurn  what is done one after the other
     * @param  bool  $isMirrored  whether the part lies upside down meanwhile
     * @param  Owing|null  $owes  what is left to be torqued later, and the step it must be paid before
     * @param  list<string>  $needs
     * @param  list<BlockageShape>  $blockedBy
     * @param  list<AskShape>  $asks
     * @param  list<QuestionShape>  $questions  for a hold: verdicts that it would close over
     * @param  list<string>  $spots
     * @param  list<string>  $answerers  for a hold: who has answered, or stood by
     * @param  string|null  $alone  for a hold of two: who does without the second pair of eyes
     * @param  string|null  $access  why it waits for the first of its open needs, where that is a matter of order or access
     * @param  string|null  $aside  why it does not apply here, where somebody said so
     * @param  bool  $isOwn  whether somebody added it on this job
     * @param  string|null  $crown  the cylinder whose stack of thicknesses it is about
     * @param  string|null  $forNow  the head that is put on for now to do it
     * @param  string|null  $bench  the bench that it is about and its page: timing/cams, valves/shims, closing/tests
     */
    public function __construct(
        public string $id,
        public string $slab,
        public ?string $cylinder,
        public StepKind $kind,
        public string $name,
        public string $why,
        public ?string $how,
        public ?string $uses,
        public array $tools,
        public array $takes,
        public array $inTurn,
        public bool $isMirrored,
        public ?Owing $owes,
        public ?string $caution,
        public int $minutes,
        public bool $secondPerson,
        public StepState $state,
        public bool $canBeDone,
        public array $needs,
        public array $blockedBy,
        public ?string $voidBecause,
        public array $asks,
        public array $questions,
        public array $spots,
        public ?string $entry,
        public ?string $doneBy,
        public ?string $doneAt,
        public array $answerers,
        public ?string $alone,
        public ?string $access,
        public ?string $aside,
        public bool $isOwn,
        public ?string $crown,
        public ?string $forNow,
        public ?string $bench,
    ) {
    }
}
