<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;

/** One point over a crown and what was read there. The piston rocks, so that one point says little. */
final readonly class CrownPoint
{
    public function __construct(public string $at, public StackReading $said)
    {
    }

    /**
     * @param  list<self>  $points
     * @return non-empty-list<self>
     *
     * @throws MalformedDocument without any
     * @throws ContradictoryFields when one was read twice
     */
    public static function each(array $points): array
    {
        if ($points === []) {
            throw MalformedDocument::wrongSort([], 'at least one reading')->under('readings');
        }
        $seen = [];
        foreach ($points as $point) {
            if (isset($seen[$point->at])) {
                throw ContradictoryFields::excluded('readings', $point->at, 'A point stands twice.', 'each point once');
            }
            $seen[$point->at] = true;
        }

        return $points;
    }
}
