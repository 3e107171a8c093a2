<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/** A diameter read outright, or a gauge's deviation from its setting. By itself it is judged nowhere: it is one point of a map. */
final readonly class Diameter implements Form
{
    private function __construct(private string $typed, public BoreReading $diameter)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        $diameter = BoreReading::read($payload, 'reading');

        return new self(self::typed($payload, 'reading'), $diameter);
    }

    /** A gauge's reading in words: "-0.0004 in from 2.1660 in". */
    public static function typed(Fields $fields, string $key): string
    {
        if ($fields->isText($key)) {
            return $fields->text($key, 400);
        }
        $gauge = $fields->object($key, 'setting', 'deviation');

        return $gauge->text('deviation').' from '.$gauge->text('setting');
    }

    public static function ofCells(array $cells): mixed
    {
        $gauge = Cells::filled($cells, self::columns());

        return get_object_vars($gauge) === [] ? Direct::ofCells($cells) : $gauge;
    }

    public static function columns(): array
    {
        return ['setting', 'deviation'];
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return $this->figure()->shown();
    }

    public function interval(int|float $doubt): ?Interval
    {
        return null;
    }

    public function size(): Length
    {
        return $this->diameter->diameter;
    }

    public function figure(): Figure
    {
        return new Figure(Dimension::Length, $this->diameter->diameter->nanometres);
    }
}
