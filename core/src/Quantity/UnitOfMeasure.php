<?php

namespace Moltrek\Core\Quantity;

use Brick\Math\BigNumber;
use Brick\Math\BigRational;

/**
 * A unit as people spell it, with its exact size in the canonical unit of its dimension.
 * Sources: international inch and pound-force (ISO 80000-4 remarks, NIST SP 811), standard gravity.
 */
final readonly class UnitOfMeasure
{
    /** How many base steps of an exact dimension one of it is; null where that is no whole number, or the dimension is not exact. */
    public ?int $wholeSteps;

    /** Whether it is the unit that its dimension is counted in, and counted in floats. */
    public bool $isCanonical;

    private const POUND_FORCE = '4.4482216152605';

    private const KILOGRAM_FORCE = '9.80665';

    /** 180/π to more digits than any angle is rounded to. */
    private const RADIAN_IN_DEGREES = '57.295779513082320876798154814105170332405472466564';

    /** @param  list<string>  $spellings the first is the one printed */
    private function __construct(
        public string $symbol,
        public Dimension $dimension,
        public BigRational $size,
        public BigRational $zeroAt,
        public array $spellings,
    ) {
        $steps = $dimension->isExact() ? $size->multipliedBy($dimension->stepsPerUnit())->simplified() : null;
        $this->wholeSteps = $steps !== null && $steps->getDenominator()->isEqualTo(1) ? $steps->getNumerator()->toInt() : null;
        $this->isCanonical = ! $dimension->isExact() && $size->isEqualTo(1) && $zeroAt->isZero();
    }

    /** The unit with this spelling (case matters), or null. */
    public static function named(string $spelling): ?self
    {
        return self::bySpelling()[$spelling] ?? null;
    }

    /** The same for a spelling that is known to exist. */
    public static function spelled(string $spelling): self
    {
        return self::bySpelling()[$spelling];
    }

    /** @return list<self> every unit, in the order of the table */
    public static function all(): array
    {
        /** @var list<self>|null $all */
        static $all = null;

        return $all ??= self::table();
    }

    /** @return list<self> */
    public static function of(Dimension $dimension): array
    {
        return array_values(array_filter(self::all(), static fn (self $unit): bool => $unit->dimension === $dimension));
    }

    /** @return array<string, self> */
    private static function bySpelling(): array
    {
        /** @var array<string, self>|null $index */
        static $index = null;
        if ($index === null) {
            $index = [];
            foreach (self::all() as $unit) {
                foreach ($unit->spellings as $spelling) {
                    $index[$spelling] = $unit;
                }
            }
        }

        return $index;
    }

    /** @return list<self> */
    private static function table(): array
    {
        $inch = BigRational::of('25.4');
        $pound = BigRational::of(self::POUND_FORCE);
        $kilogramForce = BigRational::of(self::KILOGRAM_FORCE);
        $poundPerSquareInch = $pound->dividedBy($inch)->dividedBy($inch)->multipliedBy(1000);

        return [
            self::unit(Dimension::Length, 1, 'mm'),
            self::unit(Dimension::Length, '0.001', 'µm', 'um', 'μm'),
            self::unit(Dimension::Length, 10, 'cm'),
            self::unit(Dimension::Length, $inch, 'in'),
            self::unit(Dimension::Length, '0.0254', 'thou', 'mil'),
            self::unit(Dimension::Angle, 1, 'deg', '°'),
            self::unit(Dimension::Angle, self::RADIAN_IN_DEGREES, 'rad'),
            self::unit(Dimension::Torque, 1, 'N·m', 'Nm', 'N.m'),
            self::unit(Dimension::Torque, $kilogramForce, 'kgf·m', 'kgm', 'kg-m'),
            self::unit(Dimension::Torque, $kilogramForce->dividedBy(100), 'kgf·cm'),
            self::unit(Dimension::Torque, $pound->multipliedBy('0.3048'), 'lbf·ft', 'ft-lb', 'lb-ft', 'lbft'),
            self::unit(Dimension::Torque, $pound->multipliedBy('0.0254'), 'lbf·in', 'in-lb', 'lb-in'),
            self::unit(Dimension::Pressure, 1, 'kPa'),
            self::unit(Dimension::Pressure, 100, 'bar'),
            self::unit(Dimension::Pressure, $poundPerSquareInch, 'psi'),
            self::unit(Dimension::Pressure, '98.0665', 'kgf/cm2'),
            self::unit(Dimension::Volume, 1, 'cm3', 'cc', 'ml'),
            self::unit(Dimension::Volume, 1000, 'L'),
            self::unit(Dimension::Volume, '16.387064', 'in3'),
            self::unit(Dimension::Force, 1, 'N'),
            self::unit(Dimension::Force, 1000, 'kN'),
            self::unit(Dimension::Force, $pound, 'lbf'),
            self::unit(Dimension::RotationSpeed, 1, 'rpm'),
            self::unit(Dimension::Time, 1, 's'),
            self::unit(Dimension::Time, 60, 'min'),
            self::unit(Dimension::Time, 3600, 'h'),
            self::unit(Dimension::Temperature, 1, 'degC', '°C'),
            self::unit(Dimension::Ratio, 1, 'to 1'),
            self::unit(Dimension::Speed, 1, 'm/s'),
            new self('degF', Dimension::Temperature, BigRational::of('5/9'), BigRational::of('-160/9'), ['degF', '°F']),
        ];
    }

    private static function unit(Dimension $dimension, BigNumber|int|string $size, string ...$spellings): self
    {
        return new self($spellings[0], $dimension, BigRational::of($size), BigRational::zero(), array_values($spellings));
    }
}
