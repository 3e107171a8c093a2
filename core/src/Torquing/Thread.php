<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/** A metric thread: "M8x1.25", its diameter and pitch in millimetres. */
final readonly class Thread
{
    private function __construct(public float $diameter, public float $pitch)
    {
    }

    /** @throws MalformedDocument|OutOfDomain when it is no metric thread, or has no pitch that could be */
    public static function of(string $text): self
    {
        if (preg_match('/^M(\d+(?:\.\d+)?)\s*(?:[x×]\s*(\d+(?:\.\d+)?))?$/u', trim($text), $part) !== 1) {
            throw MalformedDocument::wrongSort($text, 'a metric thread with its pitch, such as M8x1.25');
        }
        [$diameter, $pitch] = [(float) $part[1], (float) ($part[2] ?? 0)];
        if ($diameter <= 0 || $pitch <= 0 || $pitch >= $diameter) {
            throw OutOfDomain::because('', 'A thread has a pitch, smaller than its diameter.', $text, 'such as M8x1.25');
        }

        return new self($diameter, $pitch);
    }

    /** The stress area in square millimetres: π/4·(d − 0.9382·p)². Source: ISO 898-1. */
    public function stressArea(): float
    {
        return M_PI / 4 * ($this->diameter - 0.9382 * $this->pitch) ** 2;
    }
}
