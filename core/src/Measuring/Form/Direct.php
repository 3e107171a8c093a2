<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** One figure, read outright. */
final readonly class Direct implements Form
{
    private const LONGEST = 400;

    private function __construct(private string $typed, private Figure $figure)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        return new self($payload->text('reading', self::LONGEST), self::figureAt($payload, 'reading', $spot));
    }

    /** A figure of the dimension of this place: nothing where nothing can be read there, never less. */
    public static function figureAt(Fields $fields, string $key, Spot $spot): Figure
    {
        $figure = new Figure($spot->measurable->dimension(), $fields->quantity($key, $spot->measurable->dimension())->base());
        if ($figure->base < 0) {
            throw $fields->placed(OutOfDomain::negative($fields->text($key)), $key);
        }
        if ($figure->base == 0 && $spot->measurable->taken->basic) {
            throw $fields->placed(OutOfDomain::notPositive($fields->text($key)), $key);
        }

        return $figure;
    }

    public static function ofCells(array $cells): string
    {
        return $cells['reading'] ?? '';
    }

    public static function columns(): array
    {
        return [];
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return $this->figure->length() === null ? $this->typed : $this->figure->shown();
    }

    public function interval(int|float $doubt): Interval
    {
        return Interval::around($this->figure->base, $doubt);
    }

    public function size(): ?Length
    {
        return $this->figure->length();
    }

    public function figure(): Figure
    {
        return $this->figure;
    }
}
