<?php

namespace Moltrek\Core\Measuring\Form;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Refusal\MalformedDocument;

/** A yes or no of hand and eye, in its own words. */
final readonly class Answer implements Form
{
    private const OTHERWISE = 'not so';

    private function __construct(private string $typed, public bool $good)
    {
    }

    public static function read(Fields $payload, Spot $spot, array $shelf): self
    {
        $said = $payload->object('reading', 'answer', 'note');
        $answer = $said->text('answer', 60);
        $right = $spot->measurable->taken->good ?? 'yes';
        if ($answer !== $right && $answer !== self::OTHERWISE) {
            throw $said->placed(MalformedDocument::wrongSort($answer, 'one of '.$right.', '.self::OTHERWISE), 'answer');
        }
        $note = $said->textOrNull('note', 300) ?? '';

        return new self(
            ($answer === $right ? $answer : $spot->measurable->wording->high).($note === '' ? '' : ': '.$note),
            $answer === $right,
        );
    }

    public static function ofCells(array $cells): mixed
    {
        return (object) ['answer' => $cells['reading'] ?? ''];
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
        return $this->typed;
    }

    public function interval(int|float $doubt): null
    {
        return null;
    }

    public function size(): null
    {
        return null;
    }

    public function figure(): null
    {
        return null;
    }
}
