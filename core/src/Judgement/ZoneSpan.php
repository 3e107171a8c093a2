<?php

namespace Moltrek\Core\Judgement;

/** The zones that a reading may lie in, with its doubt: the likely one, the best and the worst. */
final readonly class ZoneSpan
{
    public function __construct(public Zone $likely, public Zone $best, public Zone $worst)
    {
    }

    public static function only(Zone $zone): self
    {
        return new self($zone, $zone, $zone);
    }

    public function isOne(): bool
    {
        return $this->best === $this->worst;
    }

    /** Of two readings of one part, the worse of each. */
    public function worse(self $other): self
    {
        return new self(
            Zone::worse($this->likely, $other->likely),
            Zone::worse($this->best, $other->best),
            Zone::worse($this->worst, $other->worst),
        );
    }
}
