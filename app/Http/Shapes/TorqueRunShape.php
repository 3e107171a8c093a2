<?php

namespace App\Http\Shapes;

/** A run as it stands. */
final readonly class TorqueRunShape
{
    /**
     * @param  int|null  $stage  from 1; null when all are done
     * @param  TorqueAskedShape|null  $asked  past its limit, or what the hand felt: waits for its consequence
     * @param  list<int>  $stagesBack
     * @param  bool  $wasLong  whether the pause since the last pull was long
     * @param  list<string>  $missed
     * @param  list<TorqueOwedShape>  $owed
     * @param  list<TorqueDoneShape>  $done
     * @param  list<string>  $remarks
     * @param  int  $earlier  runs of this joint that are void
     */
    public function __construct(
        public string $id,
        public string $begunBy,
        public string $begunAt,
        public ?string $lastAt,
        public ?string $lastBy,
        public bool $isComplete,
        public ?string $voidBecause,
        public ?int $stage,
        public ?TorqueDueShape $next,
        public ?TorqueAskedShape $asked,
        public array $stagesBack,
        public bool $wasLong,
        public array $missed,
        public array $owed,
        public array $done,
        public array $remarks,
        public ?TorqueMadeShape $last,
        public int $pulls,
        public int $earlier,
    ) {
    }
}
