<?php

namespace Moltrek\Core\Quantity;

/** A figure of any dimension, in base steps: what a tool says, a doubt, a limit's end. Figures of two dimensions never meet. */
final readonly class Figure
{
    public function __construct(public Dimension $dimension, public int|float $base)
    {
    }

    /** @throws UnreadableQuantity|WrongUnit when it cannot be read, or is of another dimension than the one that is needed */
    public static function of(string $text, ?Dimension $dimension = null): self
    {
        $written = WrittenQuantity::of($text, $dimension);
        if ($dimension !== null && $written->unit->dimension !== $dimension) {
            throw WrongUnit::expected($written, $dimension);
        }

        return new self($written->unit->dimension, $written->base());
    }

    public function times(int|float $factor): self
    {
        return new self($this->dimension, $this->base * $factor);
    }

    /** The base steps, where it is of this dimension; nothing where it is of another. */
    public function in(Dimension $dimension): int|float
    {
        return $this->dimension === $dimension ? $this->base : 0;
    }

    /** As a length, where it is one. */
    public function length(): ?Length
    {
        return $this->dimension === Dimension::Length ? Length::ofNanometres($this->base) : null;
    }

    /** @return array{value: float, unit: string} in its canonical unit, not rounded */
    public function quantity(): array
    {
        return $this->dimension->quantity($this->base);
    }

    /** As it could be typed, with every digit that counts: "0.002 mm". */
    public function exact(): string
    {
        $figure = number_format($this->dimension->canonicalValue($this->base), 6, '.', '');

        return rtrim(rtrim($figure, '0'), '.').' '.$this->dimension->canonicalUnit()->symbol;
    }

    /** Large, without its unit, to the decimals this dimension is read to: "54.950". */
    public function shown(): string
    {
        return number_format($this->dimension->canonicalValue($this->base), $this->dimension->decimals(), '.', '');
    }
}
