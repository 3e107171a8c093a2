<?php

namespace App\Http\Shapes;

use Moltrek\Core\Log\Timing\CamTask;
use Moltrek\Core\Timing\CamWay;

/** A cam on its way to being timed. */
final readonly class CamLoopShape
{
    /**
     * @param  string  $cylinder  the first it opens valves of
     * @param  CamTask  $task  read, move, turn or done
     * @param  int  $teethOff  whole teeth it is late
     * @param  CamWay|null  $teethWay  advance or retard: which way it is moved by those teeth
     * @param  list<CamReadingShape>  $readings
     * @param  list<CamSideShape>  $sides
     */
    public function __construct(
        public string $id,
        public string $bank,
        public string $cam,
        public string $name,
        public string $cylinder,
        public CamTask $task,
        public ?TimingStepShape $step,
        public string $headline,
        public string $advice,
        public int $teethOff,
        public ?CamWay $teethWay,
        public array $readings,
        public array $sides,
        public ?float $separation,
        public ?float $overlap,
        public ?string $separationWords,
    ) {
    }
}
