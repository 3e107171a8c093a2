<?php

namespace Moltrek\Core\Measuring;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Measuring\Form\Answer;
use Moltrek\Core\Measuring\Form\CrownPoints;
use Moltrek\Core\Measuring\Form\Diameter;
use Moltrek\Core\Measuring\Form\Form;
use Moltrek\Core\Measuring\Form\HoleAndShaft;
use Moltrek\Core\Measuring\Form\Leaves;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;

/** What was read at a spot, as the tool said it, with the tools it was read and set with. */
final readonly class Reading
{
    public const KEYS = ['spot', 'reading', 'tool', 'set_with', 'kept', 'state', 'from', 'held'];

    public string $text;

    private function __construct(
        public Spot $spot,
        public Form $said,
        public ?Tool $tool,
        public ?Tool $setWith,
        public ?HeadHeld $held,
    ) {
        $this->text = $said->text();
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
        return $this->said->interval($this->tool?->doubtIn($this->spot->measurable->dimension()) ?? 0);
    }

    /** The size with the doubt of the tool and, for a deviation, of what the setting was read with; null where no size was read. */
    public function sizeInterval(): ?Interval
    {
        $size = $this->said instanceof Leaves ? null : $this->size();
        $throughSetting = $this->said instanceof Diameter && $this->said->diameter->isDeviation();
        $doubts = [$this->tool?->doubtIn(Dimension::Length) ?? 0, $throughSetting ? $this->setWith?->doubtIn(Dimension::Length) ?? 0 : 0];

        return $size === null ? null : Interval::around($size->nanometres, hypot(...$doubts));
    }

    /** The size read: a diameter, a length, the lower bound that leaves give. Nothing for what is no length. */
    public function size(): ?Length
    {
        return $this->said->size();
    }

    /** @return array{value: float, unit: string}|null the figure in its canonical unit, where there is one */
    public function quantity(): ?array
    {
        return $this->said->figure()?->quantity();
    }

    /** One point of a bore's map. */
    public function diameter(): ?BoreReading
    {
        return $this->said instanceof Diameter ? $this->said->diameter : null;
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
