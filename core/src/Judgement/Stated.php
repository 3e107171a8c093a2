<?php

namespace Moltrek\Core\Judgement;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/** A figure as its maker states it: the limit, and the nominal figure that is aimed at where one stands. */
final readonly class Stated
{
    private function __construct(public Limit $limit, public int|float|null $nominal)
    {
    }

    /** @param  bool  $signed  whether its ends may be negative */
    public static function readOrNull(?Fields $in, string $key, Dimension $dimension, bool $signed = false): ?self
    {
        if ($in === null || ! $in->has($key)) {
            return null;
        }
        $limit = LimitDocument::read($in, $key, $dimension, $signed) ?? Limit::undecided($dimension);
        $said = $in->object($key, ...LimitDocument::KEYS);

        return new self($limit, $said->has('nominal') ? $said->quantity('nominal', $dimension)->base() : null);
    }

    public static function nowhere(Dimension $dimension): self
    {
        return new self(Limit::undecided($dimension), null);
    }

    /** The nominal figure, else the middle of a range of which both ends are stated. */
    public function middle(): int|float|null
    {
        [$min, $max] = [$this->limit->min, $this->limit->max];

        return $this->nominal ?? ($min !== null && $max !== null ? ($min + $max) / 2 : null);
    }

    /** What is aimed at: the middle, else the one end there is. */
    public function aim(): int|float|null
    {
        return $this->middle() ?? $this->limit->min ?? $this->limit->max;
    }
}
