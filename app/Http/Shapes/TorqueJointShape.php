<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A joint that is pulled in one step of the plan. */
#[OA\Schema(schema: 'TorqueJoint')]
final readonly class TorqueJointShape
{
    /**
     * @param  list<TorqueBoltShape>  $bolts
     * @param  list<TorquePassShape>  $passes
     * @param  array<string, mixed>|null  $programme
     */
    public function __construct(
        #[OA\Property]
        public string $step,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'of its step')]
        public string $state,
        #[OA\Property]
        public bool $canBegin,
        #[OA\Property(description: 'why it cannot begin yet')]
        public ?string $why,
        #[OA\Property(items: new OA\Items(ref: TorqueBoltShape::class))]
        public array $bolts,
        #[OA\Property(description: 'once round each; none where the sheet states no programme', items: new OA\Items(ref: TorquePassShape::class))]
        public array $passes,
        #[OA\Property(description: 'as a run takes it along; null where it has to be asked for', type: 'object', nullable: true)]
        public ?array $programme,
        #[OA\Property(description: 'the run that counts, or counted last')]
        public ?TorqueRunShape $run,
        #[OA\Property]
        public TorquePlaceShape $place,
    ) {
    }
}
