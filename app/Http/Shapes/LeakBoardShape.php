<?php

namespace App\Http\Shapes;

/** The leak test: its limits, its tests, the leaks that were found. */
final readonly class LeakBoardShape
{
    /**
     * @param  float|null  $allowed  kPa a minute
     * @param  float|null  $time  seconds
     * @param  string  $before  how it is made ready
     * @param  list<LeakTestShape>  $tests
     * @param  list<string>  $found
     */
    public function __construct(
        public ?float $pressure,
        public ?float $allowed,
        public ?float $time,
        public ?string $source,
        public string $before,
        public array $tests,
        public array $found,
        public ?TimingStepShape $step,
    ) {
    }
}
