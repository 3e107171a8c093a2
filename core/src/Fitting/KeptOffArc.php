<?php

namespace Moltrek\Core\Fitting;

/** A stretch of the bore where no ring gap may lie, clockwise from one end to the other, ends included. */
final readonly class KeptOffArc
{
    /**
     * @param  int|float  $from  billionths of a degree, as to
     * @param  string  $why  a port, a thrust face
     */
    public function __construct(private int|float $from, private int|float $to, public string $why)
    {
    }

    public function holds(int|float $angle): bool
    {
        $turn = RingClock::TURN;
        $from = RingClock::withinTurn($this->from);
        $span = RingClock::withinTurn($this->to - $from);

        return RingClock::withinTurn($angle - $from) <= $span && $span < $turn;
    }
}
