<?php

namespace App\Http\Shapes;

use Moltrek\Core\Fitting\MarkKind;

/** A place that carries a maker's mark, the mark that was read, and what the readings say of it. */
final readonly class MarkedPartShape
{
    /**
     * @param  list<MarkChoiceShape>  $choices  the marks it may carry; none where it is a number
     */
    public function __construct(
        public string $id,
        public MarkKind $kind,
        public string $part,
        public string $name,
        public ?string $mark,
        public array $choices,
        public ?VerdictShape $proof,
    ) {
    }
}
