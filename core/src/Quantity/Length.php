<?php

namespace Moltrek\Core\Quantity;

/**
 * A length in nanometres: a whole number for anything that was typed, so that an inch is exactly 25 400 000 of them and
 * limits compare exactly; a fraction only where it was derived (a mean, a root, a rule times a bore).
 */
final readonly class Length
{
    private function __construct(public int|float $nanometres)
    {
    }

    /** @throws UnreadableQuantity|WrongUnit */
    public static function of(string $text): self
    {
        $written = WrittenQuantity::of($text, Dimension::Length);
        if ($written->unit->dimension !== Dimension::Length) {
            throw WrongUnit::expected($written, Dimension::Length);
        }

        return new self((int) $written->base());
    }

    public static function ofNanometres(int|float $nanometres): self
    {
        return new self($nanometres);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public function plus(self $other): self
    {
        return new self($this->nanometres + $other->nanometres);
    }

    public function minus(self $other): self
    {
        return new self($this->nanometres - $other->nanometres);
    }

    /** This length times the ratio of two others; exact wherever the result is a whole number of nanometres. */
    public function scaledBy(self $over, self $under): self
    {
        return new self($this->nanometres * $over->nanometres / $under->nanometres);
    }

    public function halfwayTo(self $other): self
    {
        return new self(($this->nanometres + $other->nanometres) / 2);
    }

    public function isPositive(): bool
    {
        return $this->nanometres > 0;
    }

    public function isLessThan(self $other): bool
    {
        return $this->nanometres < $other->nanometres;
    }

    public function equals(self $other): bool
    {
        return $this->nanometres == $other->nanometres;
    }

    /** @return self the mean of one length or more, unrounded */
    public static function mean(self ...$lengths): self
    {
        return new self(array_sum(array_map(static fn (self $length): int|float => $length->nanometres, $lengths)) / count($lengths));
    }

    public static function smallest(self $first, self ...$others): self
    {
        return new self(min([$first->nanometres, ...array_map(static fn (self $length): int|float => $length->nanometres, $others)]));
    }

    public static function largest(self $first, self ...$others): self
    {
        return new self(max([$first->nanometres, ...array_map(static fn (self $length): int|float => $length->nanometres, $others)]));
    }

    /** @return array{value: float, unit: string} in millimetres, not rounded */
    public function quantity(): array
    {
        return Dimension::Length->quantity($this->nanometres);
    }

    /** To the nanometre, as it could be typed: "0.002 mm". */
    public function exact(): string
    {
        return rtrim(rtrim(number_format($this->quantity()['value'], 6, '.', ''), '0'), '.').' mm';
    }

    /** As short as it can be said: "12 mm". */
    public function short(): string
    {
        return rtrim(rtrim(number_format($this->quantity()['value'], 3, '.', ''), '0'), '.').' mm';
    }

    /** For a sentence: "0.073 mm". */
    public function written(): string
    {
        return Dimension::Length->written($this->nanometres);
    }
}
