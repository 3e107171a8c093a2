<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;

/** What a burette let in under a plate, once or, better, twice: two tries that lie apart say how far either can be believed. */
final readonly class Burette implements Form
{
    public const KEYS = ['first', 'second'];

    /** Tries that lie further apart than this, in cubic centimetres, are not of one chamber. Source: shop practice. */
    private const APART = 0.3;

    private function __construct(private string $typed, public Figure $first, public ?Figure $second)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        if ($payload->isText('reading')) {
            return new self($payload->text('reading', 400), Direct::figureAt($payload, 'reading', $spot), null);
        }
        $tries = $payload->object('reading', ...self::KEYS);
        $second = $tries->has('second') ? Direct::figureAt($tries, 'second', $spot) : null;
        $typed = $second === null ? $tries->text('first') : $tries->text('first').', then '.$tries->text('second');
        $read = new self($typed, Direct::figureAt($tries, 'first', $spot), $second);
        $spread = $read->spread();

        return $spread === null ? $read : new self($typed.', '.$spread->shown().' apart', $read->first, $second);
    }

    public static function ofCells(array $cells): mixed
    {
        $tries = Cells::filled($cells, self::columns());

        return get_object_vars($tries) === [] ? Direct::ofCells($cells) : $tries;
    }

    public static function columns(): array
    {
        return self::KEYS;
    }

    public function text(): string
    {
        return $this->typed;
    }

    /** How far the two tries lie apart; nothing where there was one. */
    public function spread(): ?Figure
    {
        return $this->second === null ? null : new Figure(Dimension::Volume, abs($this->first->base - $this->second->base));
    }

    /** How far the tries can be believed, in a sentence. */
    public function remark(): string
    {
        return match (true) {
            $this->spread() === null => 'One try: a bubble would not be seen. Fill it once more.',
            $this->spread()->base > self::APART => sprintf('The two tries lie %s apart: a bubble or a leak. Fill it a third time.',
                $this->spread()->exact()),
            default => sprintf('Two tries, %s apart.', $this->spread()->exact()),
        };
    }

    public function shown(): string
    {
        return $this->figure()->shown();
    }

    public function interval(int|float $doubt): Interval
    {
        return Interval::around($this->figure()->base, max($doubt, ($this->spread()->base ?? 0) / 2));
    }

    public function size(): null
    {
        return null;
    }

    public function figure(): Figure
    {
        return $this->second === null ? $this->first
            : new Figure(Dimension::Volume, ($this->first->base + $this->second->base) / 2);
    }
}
