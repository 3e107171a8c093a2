<?php

namespace App\Http\Shapes;

/** One figure that hangs on thickness, as it is and as it would be. */
final readonly class StackFigureShape
{
    /**
     * @param  string|null  $words  where it is no plain figure: "1.50 or more"
     * @param  bool  $fromBelow  only what lies below the barrel moves it
     * @param  RulerShape|null  $ruler  its whiskers: those before, then those after
     * @param  int  $wasWhiskers  how many of them are of before
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $unit,
        public int $decimals,
        public ?float $before,
        public ?float $after,
        public ?string $words,
        public bool $fromBelow,
        public ?string $note,
        public ?string $limit,
        public ?string $source,
        public ?VerdictShape $verdict,
        public ?RulerShape $ruler,
        public int $wasWhiskers,
    ) {
    }
}
