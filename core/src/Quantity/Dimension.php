<?php

namespace Moltrek\Core\Quantity;

/**
 * What kind of thing a figure measures. Each dimension computes in a base of its own:
 * lengths in nanometres and angles in billionths of a degree, so that typed figures are whole numbers and
 * compare exactly; every other dimension in its canonical unit.
 */
enum Dimension: string
{
    case Length = 'length';
    case Angle = 'angle';
    case Torque = 'torque';
    case Pressure = 'pressure';
    case Volume = 'volume';
    case Force = 'force';
    case RotationSpeed = 'rotation speed';
    case Time = 'time';
    case Temperature = 'temperature';
    case Ratio = 'ratio';
    case Speed = 'speed';

    /** Base steps in one canonical unit: 1 000 000 nm in a millimetre. */
    public function stepsPerUnit(): int
    {
        return match ($this) {
            self::Length => 1_000_000,
            self::Angle => 1_000_000_000,
            default => 1,
        };
    }

    /** True where a typed figure is rounded to a whole number of base steps. */
    public function isExact(): bool
    {
        return $this->stepsPerUnit() > 1;
    }

    public function canonicalUnit(): UnitOfMeasure
    {
        return UnitOfMeasure::spelled(match ($this) {
            self::Length => 'mm',
            self::Angle => 'deg',
            self::Torque => 'N·m',
            self::Pressure => 'kPa',
            self::Volume => 'cm3',
            self::Force => 'N',
            self::RotationSpeed => 'rpm',
            self::Time => 's',
            self::Temperature => 'degC',
            self::Ratio => 'to 1',
            self::Speed => 'm/s',
        });
    }

    /** To how many decimals of its canonical unit it is shown. */
    public function decimals(): int
    {
        return match ($this) {
            self::Length => 3,
            self::Volume => 2,
            self::Angle, self::Torque, self::Force, self::Ratio, self::Speed => 1,
            self::Pressure, self::RotationSpeed, self::Time, self::Temperature => 0,
        };
    }

    /** @return list<string> the units that tools of this dimension show, the usual one first */
    public function typedUnits(): array
    {
        return match ($this) {
            self::Length => ['mm', 'in', 'thou'],
            self::Angle => ['deg'],
            self::Torque => ['N·m', 'lbf·ft', 'lbf·in', 'kgf·m'],
            self::Pressure => ['kPa', 'bar', 'psi'],
            self::Volume => ['cm3', 'in3'],
            self::Force => ['N', 'lbf'],
            self::RotationSpeed => ['rpm'],
            self::Time => ['min', 'h'],
            self::Temperature => ['degC', 'degF'],
            self::Ratio => ['to 1'],
            self::Speed => ['m/s'],
        };
    }

    /** @return list<string> the same with the one that somebody thinks in first, where it is one of them */
    public function unitsFor(?string $thinkingIn): array
    {
        $units = $this->typedUnits();

        return in_array($thinkingIn, $units, true) ? [$thinkingIn, ...array_values(array_diff($units, [$thinkingIn]))] : $units;
    }

    /** A figure of this dimension as somebody would type it, for error texts. */
    public function example(): string
    {
        return match ($this) {
            self::Length => 'a length with its unit, such as 55.01 mm, 2.1660 in or 7/16 in',
            self::Angle => 'an angle with its unit, such as 15 deg',
            self::Torque => 'a torque with its unit, such as 24 N·m or 18 lbf·ft',
            self::Pressure => 'a pressure with its unit, such as 8.5 bar',
            self::Volume => 'a volume with its unit, such as 12.4 cc',
            self::Force => 'a force with its unit, such as 120 N',
            self::RotationSpeed => 'a speed with its unit, such as 90 rpm',
            self::Time => 'a time with its unit, such as 20 min',
            self::Temperature => 'a temperature with its unit, such as 80 °C',
            self::Ratio => 'a ratio, such as 10.5 to 1',
            self::Speed => 'a speed with its unit, such as 22 m/s',
        };
    }

    /** A base figure in the canonical unit, not rounded. */
    public function canonicalValue(int|float $base): float
    {
        return $base / $this->stepsPerUnit() + 0.0;
    }

    /**
     * A base figure as calculations give it out.
     *
     * @return array{value: float, unit: string}
     */
    public function quantity(int|float $base): array
    {
        return ['value' => $this->canonicalValue($base), 'unit' => $this->canonicalUnit()->symbol];
    }

    /** A base figure for a sentence: "0.0731 mm", at most four decimals, none that say nothing. */
    public function written(int|float $base): string
    {
        $figure = number_format($this->canonicalValue($base), 4, '.', '');
        $figure = preg_replace('/0{1,2}$/', '', $figure);

        return $figure.' '.$this->canonicalUnit()->symbol;
    }
}
