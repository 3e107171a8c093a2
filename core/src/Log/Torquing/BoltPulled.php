<?php

namespace Moltrek\Core\Log\Torquing;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Choice;
use Moltrek\Core\Document\Key\Flag;
use Moltrek\Core\Document\Key\Nested;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Key\Written;
use Moltrek\Core\Document\Payload;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Ordinary;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Torquing\Pull;
use Moltrek\Core\Torquing\PulledWith;
use Moltrek\Core\Torquing\PullFeel;
use Moltrek\Core\Torquing\PullSaid;
use Moltrek\Core\Torquing\Run;

/** A fastener was pulled in a stage of its run: the wrench clicked, or said how far it was drawn or turned, or the hand felt something. */
final readonly class BoltPulled implements Kind
{
    use OfRun;
    use Ordinary;

    private function __construct(
        public string $run,
        public int $stage,
        public string $bolt,
        public ?WrittenQuantity $torque,
        public ?WrittenQuantity $angle,
        private PullSaid $said,
        public ?PulledWith $with,
    ) {
    }

    public static function name(): string
    {
        return 'bolt_pulled';
    }

    public static function payload(): Payload
    {
        /** @var Payload|null $stated */
        static $stated = null;

        return $stated ??= Payload::of(
            ['run' => new Text(60), 'stage' => new Whole(1, 200), 'bolt' => new Text(20)],
            [
                'torque' => new Written(Dimension::Torque), 'angle' => new Written(Dimension::Angle), 'felt' => new Flag,
                'moved' => new Flag, 'past' => new Flag, 'over' => new Flag, 'feel' => new Choice(PullFeel::class),
                'with' => new Nested(PulledWith::class),
            ],
        );
    }

    public static function read(Fields $payload): self
    {
        $with = $payload->objectOrNull('with', ...PulledWith::payload()->names());
        foreach (['torque' => Dimension::Torque, 'angle' => Dimension::Angle] as $key => $dimension) {
            if ($payload->has($key)) {
                $payload->positive($key, $dimension);
            }
        }

        return new self(
            $payload->text('run', 60), $payload->whole('stage', 1, 200), $payload->text('bolt', 20),
            $payload->has('torque') ? $payload->quantity('torque', Dimension::Torque) : null,
            $payload->has('angle') ? $payload->quantity('angle', Dimension::Angle) : null,
            new PullSaid(null, $payload->flag('felt'), $payload->flag('moved'), $payload->flag('past'), $payload->flag('over'),
                $payload->choiceOrNull('feel', PullFeel::class)),
            $with === null ? null : PulledWith::read($with),
        );
    }

    public function admit(Before $before): void
    {
        $programme = $this->programmeOf($before);
        $this->refuseOtherBolt($programme, $this->bolt);
        $this->refuseOtherStage($programme, $this->stage);
        $pass = $programme->passes[$this->stage - 1];
        if (! in_array($this->bolt, $pass->order, true)) {
            throw ContradictoryFields::excluded('bolt', $this->bolt, 'This fastener is not pulled in that stage.',
                implode(', ', $pass->order));
        }
        if ($this->angle !== null && ! $pass->is(StageKind::Angle)) {
            throw ContradictoryFields::excluded('angle', $this->angle->text, 'This stage is not turned by an angle.',
                'a torque, or a click');
        }
        if ($this->said->feel === PullFeel::ClickedAtOnce && ! $pass->is(StageKind::Torque)) {
            throw ContradictoryFields::excluded('feel', $this->said->feel->value,
                'In this stage a click at once is what is asked for, or none is.',
                PullFeel::TurnsWithoutRising->value);
        }
    }

    public function apply(Totals $totals, Entry $entry): void
    {
        $this->change($totals, $entry, fn (Run $run) => $run->pull(new Pull(
            $entry->id, $this->bolt, $this->stage - 1, $entry->by, $entry->at,
            $this->said->with($this->figureIn($run)), $this->with,
        )));
    }

    /** What the stage is judged by: the angle in degrees, or the torque in N·m. */
    private function figureIn(Run $run): ?float
    {
        $said = $run->programme->pass($this->stage - 1)?->is(StageKind::Angle) === true ? $this->angle : $this->torque;

        return $said === null ? null : $said->unit->dimension->canonicalValue($said->base());
    }

    public function words(BuildState $state): string
    {
        $said = implode(', ', [
            ...$this->torque === null ? [] : [$this->torque->text], ...$this->angle === null ? [] : [$this->angle->text],
            ...$this->said->isFelt ? ['by feel'] : [], ...$this->said->hasMoved ? ['moved at the check'] : [],
            ...$this->said->isPast ? ['past this stage'] : [], ...$this->said->isOver ? ['past its limit'] : [],
            ...$this->said->feel === null ? [] : [$this->said->feel->value],
        ]);

        return ucfirst($this->jointIn($state)).", stage $this->stage: $this->bolt".($said === '' ? '' : ', '.$said);
    }
}
