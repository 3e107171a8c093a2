<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/** A strip that was crushed gives a figure, one that was not an "at least". */
final readonly class Strip implements Form
{
    private function __construct(private string $typed, private Figure $figure, private bool $atLeast)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        if ($payload->isText('reading')) {
            return new self($payload->text('reading', 400), Direct::figureAt($payload, 'reading', $spot), false);
        }
        $open = $payload->object('reading', 'at_least');

        return new self('at least '.$open->text('at_least', 400), Direct::figureAt($open, 'at_least', $spot), true);
    }

    public static function ofCells(array $cells): mixed
    {
        $open = Cells::filled($cells, self::columns());

        return get_object_vars($open) === [] ? Direct::ofCells($cells) : $open;
    }

    public static function columns(): array
    {
        return ['at_least'];
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return ($this->atLeast ? 'at least ' : '').$this->figure->shown();
    }

    public function interval(int|float $doubt): Interval
    {
        return $this->atLeast ? Interval::bracket($this->figure->base, null) : Interval::around($this->figure->base, $doubt);
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
