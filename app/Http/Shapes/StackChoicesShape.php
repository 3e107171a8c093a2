<?php

namespace App\Http\Shapes;

/** What brings one side of a barrel inside its limit. */
final readonly class StackChoicesShape
{
    /**
     * @param  string|null  $by  what it is chosen by
     * @param  float|null  $wanted  the exact thickness, in millimetres
     * @param  list<StackChoiceShape>  $choices
     * @param  list<StackChoiceShape>  $nearly
     */
    public function __construct(
        public bool $below,
        public ?string $by,
        public ?string $target,
        public ?float $wanted,
        public array $choices,
        public array $nearly,
    ) {
    }
}
