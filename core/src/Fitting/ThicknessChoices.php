<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Quantity\Length;

/** What can be put together, the best first; where nothing lands, what nearly does; and the thickness that would meet the aim. */
final readonly class ThicknessChoices
{
    /**
     * @param  list<ThicknessChoice>  $choices
     * @param  list<ThicknessChoice>  $nearly
     */
    public function __construct(public array $choices, public array $nearly, public ?Length $wanted)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $each = static fn (ThicknessChoice $choice): array => $choice->toArray();

        return [
            'choices' => array_map($each, $this->choices),
            'nearly' => array_map($each, $this->nearly),
            'wanted' => $this->wanted?->quantity(),
        ];
    }
}
