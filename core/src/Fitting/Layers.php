<?php

namespace Moltrek\Core\Fitting;

use Generator;

/** Some pieces of a shelf together: their places on it, in its order and as often as each is taken, and their sum in nanometres. */
final readonly class Layers
{
    /** @param  list<int>  $places */
    private function __construct(public array $places, public int|float $sum)
    {
    }

    /**
     * Every way to take so many pieces, none oftener than the shelf has it.
     *
     * @param  list<Piece>  $shelf
     * @return Generator<self>
     */
    public static function of(array $shelf, int $fewest, int $most): Generator
    {
        return (new self([], 0))->grown($shelf, 0, $fewest, $most);
    }

    /**
     * @param  list<Piece>  $shelf
     * @return Generator<self>
     */
    private function grown(array $shelf, int $from, int $fewest, int $most): Generator
    {
        if (count($this->places) >= $fewest) {
            yield $this;
        }
        if (count($this->places) === $most) {
            return;
        }
        for ($place = $from; $place < count($shelf); $place++) {
            if ($this->times($place) < $shelf[$place]->count) {
                yield from (new self([...$this->places, $place], $this->sum + $shelf[$place]->thickness->nanometres))
                    ->grown($shelf, $place, $fewest, $most);
            }
        }
    }

    private function times(int $place): int
    {
        return count(array_keys($this->places, $place, true));
    }
}
