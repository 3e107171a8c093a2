<?php

namespace Moltrek\Core\Torquing;

use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Sheet\AfterOver;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Sheet\StatedStage;

/** Once round a group of fasteners: what is done to each, in which order, to which figure. */
final readonly class Pass
{
    /** How far off a single figure may be, as a share of it. */
    private const TOLERANCE = 0.05;

    /** How far off a single angle may be, in degrees, where the maker states no range. */
    private const DEGREES = 5.0;

    /** The torque in N·m or the angle in degrees that is aimed at; null where it is done without a figure. */
    public ?Target $target;

    /** @var list<string> ids of fasteners */
    public array $order;

    public function __construct(public string $group, public StatedStage $stage, public AfterOver $over, Aim $aim)
    {
        $this->order = $stage->order;
        $this->target = self::aimedAt($stage, $aim);
    }

    private static function aimedAt(StatedStage $stage, Aim $aim): ?Target
    {
        $value = static fn (WrittenQuantity $written): float => $written->unit->dimension->canonicalValue($written->base());
        if ($stage->min !== null && $stage->max !== null) {
            return Target::between($value($stage->min), $value($stage->max), $aim);
        }
        if ($stage->figure === null) {
            return null;
        }
        $figure = $value($stage->figure);

        return $stage->kind === StageKind::Angle ? Target::between($figure - self::DEGREES, $figure + self::DEGREES, Aim::Middle)
            : Target::of($figure, self::TOLERANCE);
    }

    public function is(StageKind $kind): bool
    {
        return $this->stage->kind === $kind;
    }

    /** What is done to one fastener, for the ladder and the map. */
    public function words(): string
    {
        $printed = $this->stage->printed();

        return match ($this->stage->kind) {
            StageKind::Torque => $printed,
            StageKind::Angle => $printed.' from there',
            StageKind::Loosen => $this->stage->how === StatedStage::ALL ? 'all eased' : 'eased and drawn to '.$printed.', one at a time',
            StageKind::Snug => 'snug, no figure',
            StageKind::Check => $printed === '' ? 'check pass: looked over, none has moved' : 'check pass at '.$printed,
        };
    }

    /** What the hand does at this fastener, and how one knows it is right. */
    public function act(bool $byFeel): string
    {
        $printed = $this->stage->printed();

        return match (true) {
            $this->is(StageKind::Loosen) && $this->stage->how === StatedStage::ALL => 'Ease it half a turn.',
            $this->is(StageKind::Loosen) => 'Ease this one alone half a turn, then draw it to '.$printed.' in one pull.',
            $this->is(StageKind::Snug) => 'Run it down until it seats and no further.',
            $byFeel && $this->is(StageKind::Check) => 'Feel that it has not moved.',
            $byFeel => 'No wrench gets in: draw it up by feel, like its neighbours.',
            $this->is(StageKind::Angle) => 'Turn it '.$printed.' further in one sweep, by the disc; then a paint mark across it.',
            $this->is(StageKind::Check) && $printed === '' => 'See that its paint mark is unbroken.',
            $this->is(StageKind::Check) => 'Pull again: the wrench clicks and the fastener does not turn.',
            default => 'One steady pull until it clicks; do not pull on.',
        };
    }

    /** What was given, in words; empty for a pull without a figure. */
    public function written(float $figure): string
    {
        return number_format($figure, 1, '.', '').' '.($this->is(StageKind::Angle) ? 'deg' : Dimension::Torque->canonicalUnit()->symbol);
    }
}
