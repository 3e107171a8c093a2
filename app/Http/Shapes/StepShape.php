<?php

namespace App\Http\Shapes;

use Moltrek\Core\Planning\Owing;
use OpenApi\Attributes as OA;

/** A step of the work. */
#[OA\Schema(schema: 'Step')]
final readonly class StepShape
{
    /**
     * @param  list<string>  $tools
     * @param  list<string>  $inTurn
     * @param  list<string>  $takes
     * @param  list<string>  $needs
     * @param  list<BlockageShape>  $blockedBy
     * @param  list<AskShape>  $asks
     * @param  list<QuestionShape>  $questions
     * @param  list<string>  $spots
     * @param  list<string>  $answerers
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public ?string $cylinder,
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public ?string $how,
        #[OA\Property]
        public ?string $uses,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $tools,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $takes,
        #[OA\Property(description: 'what is done one after the other', items: new OA\Items(type: 'string'))]
        public array $inTurn,
        #[OA\Property(description: 'whether the part lies upside down meanwhile')]
        public bool $isMirrored,
        #[OA\Property(description: 'what is left to be torqued later, and the step it must be paid before', properties: [new OA\Property(property: 'what', type: 'string'), new OA\Property(property: 'reason', type: 'string'), new OA\Property(property: 'release', type: 'string')], type: 'object', nullable: true)]
        public ?Owing $owes,
        #[OA\Property]
        public ?string $caution,
        #[OA\Property]
        public int $minutes,
        #[OA\Property]
        public bool $secondPerson,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public bool $canBeDone,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $needs,
        #[OA\Property(items: new OA\Items(ref: BlockageShape::class))]
        public array $blockedBy,
        #[OA\Property]
        public ?string $voidBecause,
        #[OA\Property(items: new OA\Items(ref: AskShape::class))]
        public array $asks,
        #[OA\Property(description: 'for a hold: verdicts that it would close over', items: new OA\Items(ref: QuestionShape::class))]
        public array $questions,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $spots,
        #[OA\Property]
        public ?string $entry,
        #[OA\Property]
        public ?string $doneBy,
        #[OA\Property]
        public ?string $doneAt,
        #[OA\Property(description: 'for a hold: who has answered, or stood by', items: new OA\Items(type: 'string'))]
        public array $answerers,
        #[OA\Property(description: 'for a hold of two: who does without the second pair of eyes')]
        public ?string $alone,
        #[OA\Property(description: 'why it waits for the first of its open needs, where that is a matter of order or access')]
        public ?string $access,
        #[OA\Property(description: 'why it does not apply here, where somebody said so')]
        public ?string $aside,
        #[OA\Property(description: 'whether somebody added it on this job')]
        public bool $isOwn,
        #[OA\Property(description: 'the cylinder whose stack of thicknesses it is about')]
        public ?string $crown,
        #[OA\Property(description: 'the head that is put on for now to do it')]
        public ?string $forNow,
        #[OA\Property(description: 'the bench that it is about and its page: timing/cams, valves/shims, closing/tests')]
        public ?string $bench,
    ) {
    }
}
