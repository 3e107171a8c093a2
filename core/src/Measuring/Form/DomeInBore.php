<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/**
 * A crown’s dome by what fills the bore above it: the piston is set a known way down, sealed with grease, and filled under a
 * plate. Dome = π/4 · B² · way down − what went in; a dish comes out negative. Source: geometry.
 */
final readonly class DomeInBore implements Form
{
    public const KEYS = ['filled', 'down'];

    private function __construct(private string $typed, private Figure $dome)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        if ($payload->isText('reading')) {
            $dome = (float) $payload->quantity('reading', Dimension::Volume)->base();

            return new self($payload->text('reading', 400), new Figure(Dimension::Volume, $dome));
        }
        $said = $payload->object('reading', ...self::KEYS);
        $filled = $said->positive('filled', Dimension::Volume);
        $down = $said->size('down');
        $bore = $spot->about ?? Length::zero();
        $cylinder = M_PI / 4 * ($bore->nanometres / 1e7) ** 2 * ($down->nanometres / 1e7);

        return new self(
            $said->text('filled').' with the edge '.$said->text('down').' down',
            new Figure(Dimension::Volume, $cylinder - $filled),
        );
    }

    public static function ofCells(array $cells): mixed
    {
        $said = Cells::filled($cells, self::columns());

        return get_object_vars($said) === [] ? Direct::ofCells($cells) : $said;
    }

    public static function columns(): array
    {
        return self::KEYS;
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return $this->dome->shown();
    }

    public function interval(int|float $doubt): Interval
    {
        return Interval::around($this->dome->base, $doubt);
    }

    public function size(): null
    {
        return null;
    }

    public function figure(): Figure
    {
        return $this->dome;
    }
}
