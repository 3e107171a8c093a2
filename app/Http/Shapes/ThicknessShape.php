<?php

namespace App\Http\Shapes;

/** One cylinder from the case to the head: what lies in its joints, what that makes of everything, and what would be better. */
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
     * @param  float|null  $bowl  across, in millimetres
     * @param  list<WallTickShape>  $wall
     * @param  bool  $canDecide  the plan asks for the decision now
     * @param  string|null  $liftFirst  the barrel that comes off to change what lies below it
     * @param  list<SuppliedShape>  $supply  what is taken and ordered if what is tried is decided
     */
    public function __construct(
        public string $cylinder,
        public string $name,
        public float $bore,
        public float $stroke,
        public ?float $rod,
        public bool $isTwoStroke,
        public array $joints,
        public array $figures,
        public array $deck,
        public array $squish,
        public bool $deckStale,
        public bool $squishStale,
        public array $remarks,
        public array $choices,
        public array $ports,
        public ?float $bowl,
        public ?ChamberShape $chamber,
        public array $wall,
        public bool $canDecide,
        public ?string $liftFirst,
        public array $supply,
    ) {
    }
}
