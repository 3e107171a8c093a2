<?php

namespace App\Http\Shapes;

use Moltrek\Core\Judgement\State;

/** A verdict that a hold asks about, because what it holds would close over it. */
final readonly class QuestionShape
{
    /**
     * @param  string  $spot  the place whose reading would settle it
     * @param  string|null  $by  who accepted it as it stands
     */
    public function __construct(
        public string $verdict,
        public string $name,
        public State $state,
        public string $words,
        public string $reason,
        public string $spot,
        public ?string $by,
        public ?string $because,
    ) {
    }
}
