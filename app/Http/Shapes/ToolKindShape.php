<?php

namespace App\Http\Shapes;

use Moltrek\Core\Measuring\ToolKind;

/** A kind of measuring tool. */
final readonly class ToolKindShape
{
    /**
     * @param  list<string>  $units  that it may show, the usual one first
     * @param  bool  $hasLeaves  a set of leaves
     * @param  bool  $setsGauges  its range is the one size that it sets gauges to
     * @param  string|null  $length  what its length is taken between; null where none counts
     */
    public function __construct(
        public ToolKind $kind,
        public array $units,
        public bool $hasLeaves,
        public bool $setsGauges,
        public ?string $length,
    ) {
    }
}
