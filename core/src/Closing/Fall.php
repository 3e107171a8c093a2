<?php

namespace Moltrek\Core\Closing;

/** A pressure that falls in so long a time. */
final readonly class Fall
{
    private const MINUTE = 60;

    /**
     * @param  float  $drop  kPa
     * @param  float  $seconds  above 0
     */
    public function __construct(public float $drop, private float $seconds)
    {
    }

    /** kPa. */
    public function perMinute(): float
    {
        return $this->drop / ($this->seconds / self::MINUTE);
    }
}
