<?php

namespace App\Http\Shapes;

/** What the readings say about bores, pistons, rings and shells. */
final readonly class JobFittingShape
{
    /**
     * @param  list<BoreAdviceShape>  $bores
     * @param  list<GapPlaceShape>  $gaps
     * @param  list<MarkedPartShape>  $marks
     * @param  string|null  $marksSettledBy  what would tell of the marks that are too close to call
     * @param  list<ShellChoiceShape>  $shells
     */
    public function __construct(
        public array $bores,
        public ?PairingShape $pairing,
        public array $gaps,
        public HoningShape $honing,
        public array $marks,
        public ?string $marksSettledBy,
        public array $shells,
    ) {
    }
}
