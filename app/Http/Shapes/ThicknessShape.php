<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One cylinder from the case to the head: what lies in its joints, what that makes of everything, and what would be better. */
#[OA\Schema(schema: 'Thickness')]
final readonly class ThicknessShape
{
    /**
     * @param  list<StackJointShape>  $joints
     * @param  list<StackFigureShape>  $figures
     * @param  list<StackPointShape>  $deck
     * @param  list<StackPointShape>  $squish
     * @param  list<string>  $remarks
     * @param  list<StackChoicesShape>  $choices
     * @param  list<PortOnWallShape>  $ports
     * @param  list<WallTickShape>  $wall
     */
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $bore,
        #[OA\Property]
        public float $stroke,
        #[OA\Property]
        public ?float $rod,
        #[OA\Property]
        public bool $isTwoStroke,
        #[OA\Property(items: new OA\Items(ref: StackJointShape::class))]
        public array $joints,
        #[OA\Property(items: new OA\Items(ref: StackFigureShape::class))]
        public array $figures,
        #[OA\Property(items: new OA\Items(ref: StackPointShape::class))]
        public array $deck,
        #[OA\Property(items: new OA\Items(ref: StackPointShape::class))]
        public array $squish,
        #[OA\Property]
        public bool $deckStale,
        #[OA\Property]
        public bool $squishStale,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $remarks,
        #[OA\Property(items: new OA\Items(ref: StackChoicesShape::class))]
        public array $choices,
        #[OA\Property(items: new OA\Items(ref: PortOnWallShape::class))]
        public array $ports,
        #[OA\Property(description: 'across, in millimetres')]
        public ?float $bowl,
        #[OA\Property]
        public ?ChamberShape $chamber,
        #[OA\Property(items: new OA\Items(ref: WallTickShape::class))]
        public array $wall,
        #[OA\Property(description: 'the plan asks for the decision now')]
        public bool $canDecide,
        #[OA\Property(description: 'the barrel that comes off to change what lies below it')]
        public ?string $liftFirst,
    ) {
    }
}
