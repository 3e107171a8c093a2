<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The leak test: its limits, its tests, the leaks that were found. */
#[OA\Schema(schema: 'LeakBoard')]
final readonly class LeakBoardShape
{
    /**
     * @param  list<LeakTestShape>  $tests
     * @param  list<string>  $found
     */
    public function __construct(
        #[OA\Property]
        public ?float $pressure,
        #[OA\Property(description: 'kPa a minute')]
        public ?float $allowed,
        #[OA\Property(description: 'seconds')]
        public ?float $time,
        #[OA\Property]
        public ?string $source,
        #[OA\Property(description: 'how it is made ready')]
        public string $before,
        #[OA\Property(items: new OA\Items(ref: LeakTestShape::class))]
        public array $tests,
        #[OA\Property(items: new OA\Items(type: 'string'))]
        public array $found,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
