<?php

namespace Moltrek\Core\Quantity;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;

/**
 * A quantity as it was typed: "2.1660 in", "−0,02 mm", "1 1/2 in", "18 ft-lb".
 *
 * A number is an optional sign (+, -, −), digits with at most one point or comma (a leading point allowed), or for inches
 * a fraction "7/16" or "1 1/2"; then a unit, a space between optional. Bare numbers, exponents and
 * thousands separators are refused. A length is rounded to the nanometre, an angle to a billionth of a degree.
 */
final readonly class WrittenQuantity
{
    private const PATTERN = '~^(?<sign>[+\-−])?'
        .'(?:(?<number>\d+(?:[.,]\d+)?|[.,]\d+)|(?:(?<whole>\d+) )?(?<over>\d+)/(?<under>\d+))'
        .' ?(?<unit>[^\d\s.,/+\-−].*)$~uDs';

    private const LONGEST = 400;

    /** Larger figures than this in any canonical unit are a slip, and would not compare exactly. */
    private const LARGEST = 1_000_000_000;

    /** So many digits are a whole number of this machine. */
    private const PLAIN = 18;

    /** So many digits before the point are below the largest in every unit. */
    private const FEW = 5;

    /** @param  string  $figure  signed, decimal or "over/under" */
    private function __construct(
        public string $text,
        private string $figure,
        public UnitOfMeasure $unit,
    ) {
    }

    /** @throws UnreadableQuantity */
    public static function of(string $text, ?Dimension $expected = null): self
    {
        $trimmed = trim($text, " \t");
        if (strlen($trimmed) > self::LONGEST || preg_match(self::PATTERN, $trimmed, $part, PREG_UNMATCHED_AS_NULL) !== 1) {
            throw UnreadableQuantity::in($text, $expected);
        }
        $unit = UnitOfMeasure::named((string) $part['unit']);
        if ($unit === null) {
            throw UnreadableQuantity::unknownUnit($text, (string) $part['unit'], $expected);
        }
        if ($part['number'] === null && ($unit->symbol !== 'in' || trim((string) $part['under'], '0') === '')) {
            throw UnreadableQuantity::fraction($text);
        }
        $figure = $part['number'] !== null ? self::decimal($part['number'])
            : (string) BigRational::of($part['over'].'/'.$part['under'])->plus($part['whole'] ?? '0');
        $isNegative = $part['sign'] !== null && $part['sign'] !== '+';

        $written = new self($text, $isNegative ? '-'.$figure : $figure, $unit);
        if (strcspn($figure, '.') > self::FEW && $written->canonical()->abs()->isGreaterThan(self::LARGEST)) {
            throw UnreadableQuantity::tooLarge($text);
        }

        return $written;
    }

    public function number(): BigRational
    {
        return BigRational::of($this->figure);
    }

    /** The figure in whole base steps of an exact dimension, rounded half away from zero; else a float in the canonical unit. */
    public function base(): int|float
    {
        return $this->plainly() ?? $this->exactly();
    }

    /** The same without exact fractions, where whole numbers or the nearest float say it as well; null for any other figure. */
    private function plainly(): int|float|null
    {
        $steps = $this->unit->wholeSteps;
        if ($steps === null || ! is_numeric($this->figure)) {
            return $this->unit->isCanonical && is_numeric($this->figure) ? (float) $this->figure + 0.0 : null;
        }
        [$whole, $decimals] = explode('.', ltrim($this->figure, '-'), 2) + ['', ''];
        $many = strlen($whole.$decimals) < self::PLAIN ? (int) ($whole.$decimals) * $steps : null;
        if (! is_int($many)) {
            return null;
        }
        $tenth = 10 ** strlen($decimals);
        $rounded = intdiv($many, $tenth) + (2 * ($many % $tenth) >= $tenth ? 1 : 0);

        return $this->figure[0] === '-' ? -$rounded : $rounded;
    }

    private function exactly(): int|float
    {
        $dimension = $this->unit->dimension;
        if (! $dimension->isExact()) {
            return self::nearestFloat($this->canonical());
        }

        return $this->canonical()->multipliedBy($dimension->stepsPerUnit())->toScale(0, RoundingMode::HALF_UP)->toInt();
    }

    /**
     * The figure in another unit of the same dimension.
     *
     * @throws WrongUnit
     */
    public function in(UnitOfMeasure $unit): float
    {
        if ($unit->dimension !== $this->unit->dimension) {
            throw WrongUnit::between($this, $unit);
        }
        $dimension = $unit->dimension;
        $canonical = $dimension->isExact()
            ? BigRational::of((string) $this->base())->dividedBy($dimension->stepsPerUnit())
            : $this->canonical();

        return self::nearestFloat($canonical->minus($unit->zeroAt)->dividedBy($unit->size));
    }

    private function canonical(): BigRational
    {
        return $this->number()->multipliedBy($this->unit->size)->plus($this->unit->zeroAt);
    }

    private static function decimal(string $digits): string
    {
        $digits = str_replace(',', '.', $digits);

        return $digits[0] === '.' ? '0'.$digits : $digits;
    }

    private static function nearestFloat(BigRational $value): float
    {
        return (float) (string) BigDecimal::of($value->toScale(40, RoundingMode::HALF_EVEN)) + 0.0;
    }
}
