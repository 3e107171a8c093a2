<?php

namespace Moltrek\Core\Closing;

use Moltrek\Core\Refusal\OutOfDomain;

/** A cylinder that is supplied with a pressure and holds some of it. */
final readonly class Holding
{
    /** What a regulator is usually set to for it, in each unit that its gauge may show. Source: shop practice. */
    public const USUAL = [['kPa', '700'], ['bar', '7'], ['psi', '100']];

    /**
     * @param  float  $supply  kPa, above 0
     * @param  float  $held  kPa
     */
    private function __construct(private float $supply, private float $held)
    {
    }

    /**
     * @param  string  $read  both as they were typed, held first
     *
     * @throws OutOfDomain at held, where it holds more than it gets or less than nothing
     */
    public static function of(float $supply, float $held, string $read, string $most): self
    {
        return $held >= 0 && $held <= $supply ? new self($supply, $held)
            : throw OutOfDomain::because('held', 'No more is held than is supplied.', $read, 'from 0 to '.$most);
    }

    /** The share that is lost. */
    public function lost(): float
    {
        return ($this->supply - $this->held) / $this->supply;
    }
}
