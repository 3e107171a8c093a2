<?php

namespace App\Http\Shapes;

/** The joints of a job that are pulled: their programmes and their runs. */
final readonly class JobTorquingShape
{
    /**
     * @param  list<TorqueJointShape>  $joints
     */
    public function __construct(
        public array $joints,
    ) {
    }
}
