<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/** A hole and what goes into it, judged by what lies between them. */
final readonly class HoleAndShaft implements Form
{
    private function __construct(private string $typed, public BoreReading $hole, public Length $shaft)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        $both = $payload->object('reading', 'hole', 'shaft');
        $hole = BoreReading::read($both, 'hole');

        return new self(Diameter::typed($both, 'hole').' hole, '.$both->text('shaft').' shaft', $hole, $both->size('shaft'));
    }

    public static function ofCells(array $cells): mixed
    {
        return Cells::filled($cells, self::columns());
    }

    public static function columns(): array
    {
        return ['hole', 'shaft'];
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return (new Figure(Dimension::Length, $this->hole->diameter->minus($this->shaft)->nanometres))->shown();
    }

    public function interval(int|float $doubt): ?Interval
    {
        return null;
    }

    public function size(): Length
    {
        return $this->hole->diameter;
    }

    public function figure(): Figure
    {
        return new Figure(Dimension::Length, $this->hole->diameter->nanometres);
    }
}
