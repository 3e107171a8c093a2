<?php

namespace Moltrek\Core\Quantity;

use Moltrek\Core\Refusal\Refusal;

/** A quantity of one dimension where another is needed, or a unit that does not exist. */
final class WrongUnit extends Refusal
{
    public static function expected(WrittenQuantity $written, Dimension $dimension): self
    {
        return new self(
            '',
            sprintf('A %s is needed here, this is a %s.', $dimension->value, $written->unit->dimension->value),
            self::shown($written->text),
            $dimension->example(),
        );
    }

    public static function between(WrittenQuantity $written, UnitOfMeasure $unit): self
    {
        return new self(
            '',
            sprintf('A %s cannot be given in %s.', $written->unit->dimension->value, $unit->symbol),
            $unit->symbol,
            self::unitsOf($written->unit->dimension),
        );
    }

    public static function unknown(string $read, Dimension $dimension): self
    {
        return new self('', 'This unit is not known.', self::shown($read), self::unitsOf($dimension));
    }

    private static function unitsOf(Dimension $dimension): string
    {
        return 'one of '.implode(', ', array_map(static fn (UnitOfMeasure $unit): string => $unit->symbol, UnitOfMeasure::of($dimension)));
    }
}
