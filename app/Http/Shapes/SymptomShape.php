<?php

namespace App\Http\Shapes;

/** A complaint, its suspect and the test that tells. */
final readonly class SymptomShape
{
    /**
     * @param  bool  $isSpokenOf  whether the complaint speaks of it
     */
    public function __construct(
        public string $symptom,
        public string $suspect,
        public string $test,
        public bool $isSpokenOf,
    ) {
    }
}
