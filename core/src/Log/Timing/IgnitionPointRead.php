<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Odd;
use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Judgement\LimitDocument;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Fitting\Of;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\OutOfDomain;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\IgnitionPoint;
use Moltrek\Core\Timing\Circle;
use Moltrek\Core\Timing\CrankPlace;
use Moltrek\Core\Timing\DialledCrank;
use Moltrek\Core\Timing\IgnitionRead;

/**
 * Where the points open or the pick-up fires, read before top dead centre by dial, degree wheel or lamp. What the sheet does not
 * state (the rod, the point) may be said with it.
 */
final class IgnitionPointRead implements Kind
{
    use Ordinary;

    /** How the moment is seen. */
    public const SEEN_BY = ['meter', 'lamp', 'timing light', 'mark'];

    private ?IgnitionRead $judged = null;

    private ?EngineSheet $on = null;

    private function __construct(
        public readonly string $cylinder,
        private readonly Fields $payload,
        public readonly string $kind,
        public readonly string $typed,
        private readonly ?Tool $tool,
        private readonly string $seenBy,
        public readonly bool $isAgainst,
    ) {
    }

    public static function name(): string
    {
        return 'ignition_read';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            [],
            [
                'cylinder' => new Text(20), 'degrees' => new Angle, 'below_tdc' => new Extent, 'dial' => new Extent,
                'tool' => new Text(60), 'seen_by' => new Word(...self::SEEN_BY), 'against' => new Flag, 'rod' => new Size,
                'incline' => new Angle, 'point' => new Odd(['type' => 'object', 'additionalProperties' => true]),
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        $kind = CrankPlace::kindOf($payload);
        $payload->quantity($kind, $kind === 'degrees' ? Dimension::Angle : Dimension::Length);
        $tool = $payload->objectOrNull('tool', ...Tool::KEYS);

        return new self(
            $payload->textOrNull('cylinder', 20) ?? '', $payload, $kind, $payload->text($kind, 60),
            $tool === null ? null : Tool::read($tool),
            $payload->has('seen_by') ? $payload->word('seen_by', ...self::SEEN_BY) : '',
            $payload->flag('against'),
        );
    }

    public function admit(Before $before): void
    {
        if ($this->cylinder !== '') {
            $before->refuseOtherCylinder($this->cylinder);
        }
        if ($this->isAgainst && $before->sheet->crank?->mayTurnBack() === false) {
            throw ContradictoryFields::excluded('against', true, 'This engine is not turned back: '.$before->sheet->crank->turningBack.'.',
                'a reading come up to in the running direction');
        }
        $this->on($before->sheet);
    }

    /** What it comes to on this engine. */
    public function on(EngineSheet $sheet): IgnitionRead
    {
        if ($this->judged === null || $this->on !== $sheet) {
            $crank = $this->crank($sheet);
            $this->judged = IgnitionRead::judged($crank, $this->point($sheet), $this->place($crank), $this->kind, $this->doubt(),
                $sheet->ignition->setBy);
            $this->on = $sheet;
        }

        return $this->judged;
    }

    /** The same where it can be counted: a later sheet may have lost its rod. */
    public function onOrNull(EngineSheet $sheet): ?IgnitionRead
    {
        try {
            return $this->on($sheet);
        } catch (Refusal) {
            return null;
        }
    }

    public function crank(EngineSheet $sheet): DialledCrank
    {
        $rod = $sheet->geometry->rod ?? $this->payload->sizeOrNull('rod')
            ?? throw MalformedDocument::missing('rod', 'the rod’s length, centre to centre, which this sheet does not state');
        $incline = $this->payload->has('incline') ? $this->payload->angle('incline') : $sheet->ignition->incline;

        return DialledCrank::of($sheet->geometry->stroke, $rod, $incline);
    }

    private function point(EngineSheet $sheet): IgnitionPoint
    {
        return $sheet->ignition->point ?? ($this->payload->objectOrNull('point', ...LimitDocument::KEYS) === null
            ? IgnitionPoint::unknown() : IgnitionPoint::read($this->payload, 'point', $sheet->geometry->stroke->nanometres));
    }

    private function place(DialledCrank $crank): CrankPlace
    {
        $degrees = $this->kind === 'degrees' ? $this->payload->angle('degrees') : 0;
        if ($degrees < 0 || $degrees * 2 > Circle::TURN) {
            throw OutOfDomain::because('degrees', 'A point lies between top and bottom.', $this->typed,
                'from 0 to 180 deg before top dead centre');
        }

        return CrankPlace::read($this->payload, $crank);
    }

    private function doubt(): int|float
    {
        return $this->tool?->doubtIn($this->kind === 'degrees' ? Dimension::Angle : Dimension::Length) ?? 0;
    }

    /** With what it was read. */
    public function with(): string
    {
        return implode(', ', array_filter([$this->tool->name ?? '', $this->seenBy]));
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $read = $this->onOrNull($totals->sheet);
        if ($read === null) {
            return;
        }
        $totals->timings->readIgnition(new IgnitionRound($entry, $this, $read));
        if ($totals->finishReady(TimingSteps::IGNITION_AS_FOUND, $entry)) {
            return;
        }
        if ($read->verdict->state === State::Out) {
            $totals->reopen(TimingSteps::IGNITION, 'read '.lcfirst($read->verdict->words));
            $totals->reopen(TimingSteps::IGNITION_SET, 'read '.lcfirst($read->verdict->words));
        } elseif ($totals->timings->ignitionIsInside()) {
            $totals->finishReady(TimingSteps::IGNITION, $entry);
        }
    }

    public function words(BuildState $state): string
    {
        $read = $this->onOrNull($state->sheet);
        $both = $read === null ? $this->typed : Dimension::Length->written(round($read->read->below / 1e4) * 1e4).' = '
            .Degrees::text($read->read->degrees).' before top';
        $with = $this->with();

        return 'Ignition point'.Of::cylinder($state->sheet, $this->cylinder).': '.$both.($with === '' ? '' : ', '.$with)
            .($read === null ? '' : ', '.lcfirst($read->verdict->words)).($this->isAgainst ? ', against the running direction' : '');
    }
}
