<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Form\Answer;
use Moltrek\Core\Measuring\Form\CrownPoints;
use Moltrek\Core\Measuring\Form\Diameter;
use Moltrek\Core\Measuring\Form\Direct;
use Moltrek\Core\Measuring\Form\Form;
use Moltrek\Core\Measuring\Form\HoleAndShaft;
use Moltrek\Core\Measuring\Form\Leaves;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;

/** What was read at a spot, as the tool said it, with the tools it was read and set with. */
final readonly class Reading
{
    public const KEYS = ['spot', 'reading', 'tool', 'set_with', 'kept', 'state', 'from', 'held', 'again'];

    public string $text;

    private function __construct(
        public Spot $spot,
        public Form $said,
        public ?Tool $tool,
        public ?Tool $setWith,
        public ?HeadHeld $held,
        public ?Round $round = null,
    ) {
        $this->text = $round === null ? $said->text()
            : (new Figure($spot->measurable->dimension(), $round->mean))->exact().', mean of '.count($round->values);
    }

    /** The same, read again at one place with nothing done between: the mean stands. */
    public function repeated(Round $round): self
    {
        return new self($this->spot, $this->said, $this->tool, $this->setWith, $this->held, $round);
    }

    /** Whether a mean of it can be taken: one figure, read outright. */
    public function mayRepeat(): bool
    {
        return $this->said instanceof Direct || ($this->said instanceof Diameter && ! $this->said->diameter->isDeviation());
    }

    /** The one figure of it, in base steps; null where it is none, or a part of something else. */
    public function base(): int|float|null
    {
        return $this->said instanceof Diameter ? $this->said->diameter->diameter->nanometres : $this->said->figure()?->base;
    }

    /** How far it may be out, expanded, in base steps: by its tool, and by the scatter of its repeats. */
    public function doubt(): int|float
    {
        return $this->round->doubt ?? $this->tool?->doubtIn($this->spot->measurable->dimension()) ?? 0;
    }

    /** Large enough for two metres. */
    public function shown(): string
    {
        return $this->round === null ? $this->said->shown()
            : (new Figure($this->spot->measurable->dimension(), $this->round->mean))->shown();
    }

    public static function read(Fields $payload, Spot $spot): self
    {
        $tool = $payload->objectOrNull('tool', ...Tool::KEYS);
        $setWith = $payload->objectOrNull('set_with', ...Tool::KEYS);
        $tool = $tool === null ? null : Tool::read($tool);
        $setWith = $setWith === null ? null : Tool::read($setWith);
        $said = $spot->form()->read($payload, $spot, $tool?->shelf() ?? []);
        $isSet = $said instanceof HoleAndShaft || ($said instanceof Diameter && $said->diameter->isDeviation());

        return new self($spot, $said, $said instanceof Answer ? null : $tool, $isSet ? $setWith : null,
            HeadHeld::readOrNull($payload, 'held'));
    }

    /**
     * Whether how far it may be out is unknown, because what it was read or set with is not named. Leaves that pass and refuse
     * say it themselves, and so do hand and eye.
     */
    public function lacksTool(): bool
    {
        return match (true) {
            $this->said instanceof Answer, $this->said instanceof Leaves => false,
            $this->said instanceof CrownPoints => $this->tool === null && $this->said->hasFigures(),
            $this->said instanceof HoleAndShaft => $this->tool === null || $this->setWith === null,
            default => $this->tool === null
                || ($this->said instanceof Diameter && $this->said->diameter->isDeviation() && $this->setWith === null),
        };
    }

    /** @return list<Leaf> the leaves of the set it was read with */
    public function shelf(): array
    {
        return $this->tool?->shelf() ?? [];
    }

    /** What it may stand for, by itself: null for a part of something else and for a yes or no. */
    public function interval(): ?Interval
    {
        return $this->round !== null && $this->said instanceof Direct ? $this->round->interval() : $this->said->interval($this->doubt());
    }

    /** The size with the doubt of the tool and, for a deviation, of what the setting was read with; null where no size was read. */
    public function sizeInterval(): ?Interval
    {
        $size = $this->said instanceof Leaves ? null : $this->size();
        $throughSetting = $this->said instanceof Diameter && $this->said->diameter->isDeviation();
        $doubts = [$this->doubt(), $throughSetting ? $this->setWith?->doubtIn(Dimension::Length) ?? 0 : 0];

        return $size === null ? null : Interval::around($size->nanometres, hypot(...$doubts));
    }

    /** The size read: a diameter, a length, the lower bound that leaves give. Nothing for what is no length. */
    public function size(): ?Length
    {
        $isLength = $this->spot->measurable->dimension() === Dimension::Length;

        return $this->round === null ? $this->said->size() : ($isLength ? Length::ofNanometres($this->round->mean) : null);
    }

    /** @return array{value: float, unit: string}|null the figure in its canonical unit, where there is one */
    public function quantity(): ?array
    {
        return $this->round === null ? $this->said->figure()?->quantity()
            : $this->spot->measurable->dimension()->quantity($this->round->mean);
    }

    /** One point of a bore's map. */
    public function diameter(): ?BoreReading
    {
        return match (true) {
            ! $this->said instanceof Diameter => null,
            $this->round !== null => BoreReading::direct(Length::ofNanometres($this->round->mean)),
            default => $this->said->diameter,
        };
    }

    /** What leaves say of a gap. */
    public function bracket(): ?FeelerBracket
    {
        return $this->said instanceof Leaves ? $this->said->bracket : null;
    }

    /** The text with what it comes to, where that was counted: "-0.0004 in from 2.1660 in = 55.0062 mm, bore gauge B1". */
    public function inFull(): string
    {
        $counted = $this->diameter()?->isDeviation() === true ? ' = '.$this->diameter()->diameter->written() : '';

        return $this->text.$counted.($this->tool === null ? '' : ', '.$this->tool->name);
    }
}
