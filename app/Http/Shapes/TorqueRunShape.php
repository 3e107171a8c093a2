<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A run as it stands. */
#[OA\Schema(schema: 'TorqueRun')]
final readonly class TorqueRunShape
{
    /**
     * @param  list<int>  $stagesBack
     * @param  list<string>  $missed
     * @param  list<TorqueOwedShape>  $owed
     * @param  list<TorqueDoneShape>  $done
     * @param  list<string>  $remarks
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $begunBy,
        #[OA\Property]
        public string $begunAt,
        #[OA\Property]
        public ?string $lastAt,
        #[OA\Property]
        public ?string $lastBy,
        #[OA\Property]
        public bool $isComplete,
        #[OA\Property]
        public ?string $voidBecause,
        #[OA\Property(description: 'from 1; null when all are done')]
        public ?int $stage,
        #[OA\Property]
        public ?TorqueDueShape $next,
        #[OA\Property(description: 'past its limit, or what the hand felt: waits for its consequence')]
        public ?TorqueAskedShape $asked,
        #[OA\Property(items: new OA\Items(type: 'integer'))]
        public array $stagesBack,
        #[OA\Property(description: 'whether the pause since the last pull was long')]
        public bool $wasLong,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $missed,
        #[OA\Property(items: new OA\Items(ref: TorqueOwedShape::class))]
        public array $owed,
        #[OA\Property(items: new OA\Items(ref: TorqueDoneShape::class))]
        public array $done,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $remarks,
        #[OA\Property]
        public ?TorqueMadeShape $last,
        #[OA\Property]
        public int $pulls,
        #[OA\Property(description: 'runs of this joint that are void')]
        public int $earlier,
    ) {
    }
}
