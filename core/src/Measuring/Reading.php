<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;

/** What was read at a spot, as the tool said it, with the tools it was read and set with. */
final readonly class Reading
{
    public const KEYS = ['spot', 'reading', 'tool', 'set_with', 'kept', 'state', 'from'];

    /**
     * @param  int|float|null  $base  a figure read outright, in base steps of the quantity's dimension
     * @param  bool  $atLeast  the figure is only a lower bound: a strip that was not crushed
     * @param  Length|null  $shaft  what goes into the hole that was read
     * @param  string|null  $answer  a yes or no in its own words
     */
    private function __construct(
        public Spot $spot,
        public string $text,
        public ?Tool $tool,
        public ?Tool $setWith = null,
        public int|float|null $base = null,
        public bool $atLeast = false,
        public ?BoreReading $diameter = null,
        public ?Length $shaft = null,
        public ?FeelerBracket $bracket = null,
        public ?string $answer = null,
    ) {
    }

    public static function read(Fields $payload, Spot $spot): self
    {
        $tool = $payload->objectOrNull('tool', ...Tool::KEYS);
        $setWith = $payload->objectOrNull('set_with', ...Tool::KEYS);
        $tool = $tool === null ? null : Tool::read($tool);
        $setWith = $setWith === null ? null : Tool::read($setWith);

        return match ($spot->form()) {
            EntryForm::Leaves => self::leaves($payload, $spot, $tool),
            EntryForm::Diameter => self::diameter($payload, $spot, $tool, $setWith),
            EntryForm::HoleAndShaft => self::holeAndShaft($payload, $spot, $tool, $setWith),
            EntryForm::YesNo => self::answer($payload, $spot),
            EntryForm::Strip => self::strip($payload, $spot, $tool),
            EntryForm::Direct => new self($spot, $payload->text('reading', 400), $tool, base: self::figure($payload, 'reading', $spot)),
        };
    }

    /** @return list<Leaf> the leaves of the set it was read with */
    public function shelf(): array
    {
        return self::leavesOf($this->tool);
    }

    /** What it may stand for, by itself: null for a part of something else and for a yes or no. */
    public function interval(): ?Interval
    {
        $doubt = $this->tool->doubt->nanometres ?? 0;
        if ($this->spot->measurable->dimension !== Dimension::Length) {
            $doubt = 0;
        }

        return match (true) {
            $this->bracket !== null => $this->bracket->interval(),
            $this->atLeast && $this->base !== null => Interval::bracket($this->base, null),
            $this->base !== null => Interval::around($this->base, $doubt),
            default => null,
        };
    }

    /** The size with the doubt of the tool and, for a deviation, of what the setting was read with; null where no size was read. */
    public function sizeInterval(): ?Interval
    {
        $size = $this->bracket === null ? $this->size() : null;
        $doubts = [$this->tool->doubt->nanometres ?? 0, $this->diameter?->isDeviation() === true ? $this->setWith->doubt->nanometres ?? 0 : 0];

        return $size === null ? null : Interval::around($size->nanometres, hypot(...$doubts));
    }

    /** The size read: a diameter, a length, the lower bound that leaves give. Nothing for what is no length. */
    public function size(): ?Length
    {
        return match (true) {
            $this->diameter !== null => $this->diameter->diameter,
            $this->bracket !== null => $this->bracket->low,
            $this->base !== null && $this->spot->measurable->dimension === Dimension::Length => Length::ofNanometres($this->base),
            default => null,
        };
    }

    /** @return array{value: float, unit: string}|null the figure in its canonical unit, where there is one */
    public function quantity(): ?array
    {
        return $this->base === null ? $this->diameter?->diameter->quantity() : $this->spot->measurable->dimension->quantity($this->base);
    }

    private static function leaves(Fields $payload, Spot $spot, ?Tool $tool): self
    {
        $leaves = $payload->object('reading', ...FeelerBracket::KEYS);
        $shelf = array_map(static fn (Leaf $leaf): Length => $leaf->thickness, self::leavesOf($tool));
        $parts = array_map(static fn (string $how): ?string => $leaves->has($how) ? $leaves->text($how).' '.$how : null, FeelerBracket::KEYS);

        return new self($spot, implode(', ', array_filter($parts)), $tool, bracket: FeelerBracket::read($leaves, $shelf));
    }

    private static function diameter(Fields $payload, Spot $spot, ?Tool $tool, ?Tool $setWith): self
    {
        $diameter = BoreReading::read($payload, 'reading');

        return new self($spot, self::gaugeText($payload, 'reading'), $tool, $diameter->isDeviation() ? $setWith : null, diameter: $diameter);
    }

    private static function holeAndShaft(Fields $payload, Spot $spot, ?Tool $tool, ?Tool $setWith): self
    {
        $both = $payload->object('reading', 'hole', 'shaft');
        $hole = BoreReading::read($both, 'hole');

        return new self($spot, self::gaugeText($both, 'hole').' hole, '.$both->text('shaft').' shaft', $tool, $setWith, diameter: $hole, shaft: $both->size('shaft'));
    }

    /** A strip that was crushed gives a figure, one that was not an "at least". */
    private static function strip(Fields $payload, Spot $spot, ?Tool $tool): self
    {
        if ($payload->isText('reading')) {
            return new self($spot, $payload->text('reading', 400), $tool, base: self::figure($payload, 'reading', $spot));
        }
        $open = $payload->object('reading', 'at_least');

        return new self($spot, 'at least '.$open->text('at_least', 400), $tool, base: self::figure($open, 'at_least', $spot), atLeast: true);
    }

    private static function answer(Fields $payload, Spot $spot): self
    {
        $said = $payload->object('reading', 'answer', 'note');
        $answer = $said->text('answer', 60);
        $answers = [$spot->measurable->good ?? 'yes', 'not so'];
        if (! in_array($answer, $answers, true)) {
            throw $said->placed(MalformedDocument::wrongSort($answer, 'one of '.implode(', ', $answers)), 'answer');
        }
        $note = $said->textOrNull('note', 300);

        return new self($spot, ($answer === $answers[0] ? $answer : $spot->measurable->wording->high).($note === null || $note === '' ? '' : ': '.$note), null, answer: $answer);
    }

    private static function figure(Fields $fields, string $key, Spot $spot): int|float
    {
        $base = $fields->quantity($key, $spot->measurable->dimension)->base();
        $mayBeNothing = ! $spot->measurable->basic;
        if ($base < 0 || ($base == 0 && ! $mayBeNothing)) {
            throw $fields->placed($base < 0 ? OutOfDomain::negative($fields->text($key)) : OutOfDomain::notPositive($fields->text($key)), $key);
        }

        return $base;
    }

    /** @return list<Leaf> */
    private static function leavesOf(?Tool $tool): array
    {
        return array_map(static fn (string $text): Leaf => new Leaf(Length::of($text), $text), $tool->leaves ?? []);
    }

    private static function gaugeText(Fields $fields, string $key): string
    {
        if ($fields->isText($key)) {
            return $fields->text($key, 400);
        }
        $gauge = $fields->object($key, 'setting', 'deviation');

        return $gauge->text('deviation').' from '.$gauge->text('setting');
    }
}
