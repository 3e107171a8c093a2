<?php

namespace App\Http\Shapes;

/** Top dead centre of a cylinder as far as it has been read. */
final readonly class TopShape
{
    /**
     * @param  list<TopPairShape>  $pairs
     * @param  float|null  $tdc  what the wheel reads there
     * @param  list<TopNeedShape>  $needs
     * @param  string|null  $setAt  when the wheel was set
     * @param  float|null  $standsStill  crank degrees either side of the top over which a dial of 0.01 mm does not move
     */
    public function __construct(
        public string $cylinder,
        public array $pairs,
        public ?float $tdc,
        public ?float $setBy,
        public ?float $spread,
        public ?string $worth,
        public array $needs,
        public ?string $setAt,
        public ?float $standsStill,
    ) {
    }
}
