<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The joints of a job that are pulled: their programmes and their runs. */
#[OA\Schema(schema: 'JobTorquing')]
final readonly class JobTorquingShape
{
    /**
     * @param  list<TorqueJointShape>  $joints
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: TorqueJointShape::class))]
        public array $joints,
    ) {
    }
}
