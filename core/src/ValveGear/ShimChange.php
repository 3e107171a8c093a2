<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Quantity\Dimension;

/** What one valve gets, from where, and what its clearance is then. */
final readonly class ShimChange
{
    /** @param  string|null  $whose  the valve whose shim it was, where it is moved */
    public function __construct(
        public ShimmedValve $valve,
        public int|float $to,
        public ShimSource $source,
        public ?string $whose = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $quantity = Dimension::Length->quantity(...);
        [$low, $high] = $this->valve->with($this->to);

        return [
            'id' => $this->valve->id, 'from' => $quantity($this->valve->shim), 'to' => $quantity($this->to),
            'source' => ['kind' => $this->source->value, 'valve' => $this->whose],
            'after' => ['low' => $quantity($low), 'high' => $quantity($high)],
        ];
    }
}
