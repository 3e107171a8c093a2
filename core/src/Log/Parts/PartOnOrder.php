<?php

namespace Moltrek\Core\Log\Parts;

use Moltrek\Core\Quantity\Day;

/** A part that the job waits for, and what waits: spots and steps whose ids begin so. */
final readonly class PartOnOrder
{
    /** @param  list<string>  $for */
    public function __construct(public string $part, public ?Day $promised, public array $for)
    {
    }

    public function holdsUp(string $id): bool
    {
        foreach ($this->for as $beginning) {
            if (str_starts_with($id, $beginning)) {
                return true;
            }
        }

        return false;
    }
}
