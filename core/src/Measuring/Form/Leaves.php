<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\FeelerBracket;
use Moltrek\Core\Measuring\Leaf;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Length;

/** Leaves that pass, drag and refuse. The doubt of a leaf is inside the bracket that it makes. */
final readonly class Leaves implements Form
{
    private function __construct(private string $typed, public FeelerBracket $bracket)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        $leaves = $payload->object('reading', ...FeelerBracket::KEYS);
        $parts = array_map(
            static fn (string $how): ?string => $leaves->has($how) ? $leaves->text($how).' '.$how : null,
            FeelerBracket::KEYS,
        );

        return new self(
            implode(', ', array_filter($parts)),
            FeelerBracket::read($leaves, array_map(static fn (Leaf $leaf): Length => $leaf->thickness, $shelf)),
        );
    }

    public static function ofCells(array $cells): mixed
    {
        return Cells::filled($cells, self::columns());
    }

    public static function columns(): array
    {
        return FeelerBracket::KEYS;
    }

    public function text(): string
    {
        return $this->typed;
    }

    public function shown(): string
    {
        return str_replace([' mm', ', '], ['', ' · '], $this->typed);
    }

    public function interval(int|float $doubt): Interval
    {
        return $this->bracket->interval();
    }

    public function size(): Length
    {
        return $this->bracket->low;
    }

    public function figure(): null
    {
        return null;
    }
}
