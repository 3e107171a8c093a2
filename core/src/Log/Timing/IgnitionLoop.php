<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Sheet\IgnitionSetBy;
use Moltrek\Core\Sheet\MarkedFor;
use Moltrek\Core\Sheet\Rotation;
use Moltrek\Core\Sheet\TimingMark;
use Moltrek\Core\Timing\CamWay;
use Moltrek\Core\Timing\Following;
use Moltrek\Core\Timing\IgnitionPlate;

/**
 * The loop by which an ignition point is set: read, plate or pick-up moved by the error, put back, read again, until the reading
 * stands inside. A plate lies under the rotor, and every round takes it off and on again.
 */
final readonly class IgnitionLoop
{
    /** Degrees up to which a mark is taken to agree with what was read: the width of a scribed line. */
    private const MARK_OFF = 0.3;

    /** @param  string|null  $cylinder  whose point it is, where each cylinder has one of its own */
    public function __construct(private BuildState $state, private ?string $cylinder = null)
    {
    }

    /** @return list<IgnitionRound> */
    public function rounds(): array
    {
        return $this->state->timings->rounds($this->cylinder);
    }

    public function last(): ?IgnitionRound
    {
        $rounds = $this->rounds();

        return $rounds === [] ? null : $rounds[count($rounds) - 1];
    }

    public function task(): IgnitionTask
    {
        $last = $this->last();
        $isMoved = $this->isMoved();
        $wasInside = $last?->wasInside() === true;

        return match (true) {
            $last === null => IgnitionTask::Read,
            $last->isInside() => IgnitionTask::Done,
            $this->astray() !== null => $this->rotorIsOff() ? IgnitionTask::RotorOn : IgnitionTask::Look,
            $this->state->sheet->ignition->setBy === IgnitionSetBy::Nothing, $last->said->isAgainst,
            $last->read->verdict->state === State::Unsure && ! $isMoved => IgnitionTask::Read,
            $isMoved => $this->rotorIsOff() ? IgnitionTask::RotorOn : IgnitionTask::Read,
            $wasInside => $this->rotorIsOff() ? IgnitionTask::RotorOn : IgnitionTask::Read,
            $this->rotorIsOn() => IgnitionTask::RotorOff,
            default => IgnitionTask::Move,
        };
    }

    /** Whether plate or pick-up was moved since the point was read last. */
    private function isMoved(): bool
    {
        $last = $this->last();

        return $last !== null && $this->state->timings->movedBy()?->isAfter($last->entry) === true;
    }

    /** The last move, where the point has not followed it and was not read again since; null where it has, or nothing can be said. */
    private function astray(): ?Following
    {
        $rounds = array_values(array_filter($this->rounds(), static fn (IgnitionRound $round): bool => ! $round->said->isAgainst));
        [$before, $last] = [$rounds[count($rounds) - 2] ?? null, $this->last()];
        if ($before === null || $last === null || $last->said->isAgainst || $this->isMoved()) {
            return null;
        }
        $plate = $this->plate();
        $moved = array_sum(array_map(static fn (IgnitionMoved $move): int|float => $move->asksOf($plate, $before->read->off ?? 0),
            $this->state->timings->movesBetween($before->entry, $last->entry)));
        $following = Following::of($moved, $last->read->read->degrees - $before->read->read->degrees,
            $before->read->doubt + $last->read->doubt);

        return $moved == 0 || $following->follows() ? null : $following;
    }

    /** The step of the order of work that the next act answers, where the plan has one open. */
    public function step(): ?Step
    {
        $answering = match ($this->task()) {
            IgnitionTask::Read, IgnitionTask::Look => [TimingSteps::IGNITION_AS_FOUND, TimingSteps::IGNITION],
            IgnitionTask::RotorOff => [TimingSteps::ROTOR_OFF],
            IgnitionTask::Move => [TimingSteps::IGNITION_SET],
            IgnitionTask::RotorOn => [TimingSteps::ROTOR_ON, TimingSteps::ROTOR_PULLED],
            IgnitionTask::Done => [],
        };
        foreach ($answering as $id) {
            $step = $this->state->work->step($id);
            if ($step !== null && ! $this->state->work->isDone($step)) {
                return $step;
            }
        }

        return null;
    }

    /**
     * Steps that need not be done because the point was found inside as the machine came in: nothing is taken off to set it.
     *
     * @return list<Step>
     */
    public function spared(): array
    {
        $isAsFound = $this->task() === IgnitionTask::Done && $this->state->timings->movedBy() === null
            && $this->state->timings->ignitionIsInside();
        $setting = [TimingSteps::ROTOR_OFF, TimingSteps::IGNITION_SET, TimingSteps::ROTOR_ON, TimingSteps::ROTOR_PULLED];
        $steps = array_filter(array_map($this->state->work->step(...), $isAsFound ? $setting : []));

        return array_values(array_filter($steps, fn (Step $step): bool => ! $this->state->work->isDone($step)));
    }

    /** Whether a plate is covered by a rotor that the order of work takes off and has not taken off, or has put back. */
    public function rotorIsOn(): bool
    {
        return $this->hasRotor() && ! $this->rotorIsOff();
    }

    private function rotorIsOff(): bool
    {
        $work = $this->state->work;

        return $this->hasRotor() && $work->doneBy(TimingSteps::ROTOR_OFF) !== null
            && ($work->doneBy(TimingSteps::ROTOR_ON) === null || $work->doneBy(TimingSteps::ROTOR_PULLED) === null);
    }

    private function hasRotor(): bool
    {
        return $this->state->sheet->ignition->setBy === IgnitionSetBy::Plate
            && $this->state->work->step(TimingSteps::ROTOR_OFF) !== null;
    }

    /** Which way plate or pick-up goes: against the rotation makes it earlier; null where nothing is to be moved. */
    public function way(): ?CamWay
    {
        $off = $this->last()?->read->off;

        return $off === null || $off == 0 ? null : ($off < 0 ? CamWay::Advance : CamWay::Retard);
    }

    /** By how many degrees a mark stands off the point that was read inside; null where it agrees, or nothing says. */
    public function markOff(TimingMark $mark): ?float
    {
        $read = $this->task() === IgnitionTask::Done ? $this->last()?->read->read->degrees : null;
        $off = $read === null ? 0.0 : abs(-$mark->meets - $read / 1e9);

        return $mark->for === MarkedFor::Ignition && $off > self::MARK_OFF ? $off : null;
    }

    /** The plate as the sheet states it; null where it does not say which way its shaft turns. */
    public function plate(): ?IgnitionPlate
    {
        $ignition = $this->state->sheet->ignition;

        return $ignition->rotation === null ? null
            : new IgnitionPlate($ignition->plateRadius, $ignition->rotation, $ignition->isHalfSpeed);
    }

    /** "Too late by 0.9°". */
    public function headline(): string
    {
        $last = $this->last();
        if ($last === null) {
            return $this->state->sheet->ignition->point === null ? 'Not read yet, and the sheet states no point' : 'Not read yet';
        }
        if ($last->isInside()) {
            return $last->read->verdict->state === State::Unknown ? 'Read, with nothing to judge it by' : 'Inside';
        }
        $off = $last->read->off;
        $astray = $this->astray();

        return match (true) {
            $astray !== null => sprintf('It does not follow: moved by %s, it came %s', Degrees::text(abs($astray->moved)),
                $astray->wentTheWrongWay() ? 'the other way' : 'by '.Degrees::text(abs($astray->came))),
            $this->isMoved() => $this->task() === IgnitionTask::RotorOn ? 'Moved and locked' : 'Moved: to be read again',
            $last->wasInside() => 'To be read again: '.$last->staleBecause,
            $last->said->isAgainst => 'Read once more, in the running direction',
            $last->read->verdict->state === State::Unsure => 'Too close to call',
            $off === null || $off == 0 => $last->read->verdict->words,
            default => ($off < 0 ? 'Too late by ' : 'Too early by ').Degrees::text(abs($off)),
        };
    }

    /** What to do next, with what, and how one knows that it is right. */
    public function advice(): string
    {
        $ignition = $this->state->sheet->ignition;

        return match ($this->task()) {
            IgnitionTask::Read => $this->state->sheet->crank === null || $this->last() === null
                ? 'Dial zeroed at the top, then '.$this->approach().' until it fires.'
                : 'Dial zeroed at the top once more; past the point and up to it in the running direction, so that play does not count.',
            IgnitionTask::Look => 'Not more of the same. '.$this->whatToLookAt().' Then read it once more: what is read then counts.',
            IgnitionTask::RotorOff => 'Rotor held, its nut off, drawn with its own puller; then '.lcfirst($this->move()),
            IgnitionTask::Move => $this->move().' Screws locked, and the plate seen not to creep.',
            IgnitionTask::RotorOn => ($this->astray() === null ? '' : 'Key whole and a snug fit in both slots, tapers bright all round. ')
                .'Tapers dry and clean, key in, the nut at its torque; then the point is read again.',
            IgnitionTask::Done => ($this->spared() === [] ? '' : 'As it came in: nothing is taken off to set it. ')
                .($ignition->trusted === null ? '' : 'The '.lcfirst($this->trusted()).' is the mark to trust. ')
                .'Nothing more to do here.',
        };
    }

    /** How the piston gets to the point from the running side; where nothing is turned back, on over the top. */
    private function approach(): string
    {
        $train = $this->state->sheet->valveTrain;

        return $this->state->sheet->crank?->mayTurnBack() === false
            ? 'the crank turned on in the running direction, never back'
                .($train->hasChain() && $train->hasCamInHead() ? ', the cam chain held where it hangs free' : '').', and up to the point'
            : 'the crank taken back well past the point and brought up in the running direction';
    }

    /** Why a point does not go with its plate or pick-up, the likeliest first. */
    private function whatToLookAt(): string
    {
        $isPlate = $this->state->sheet->ignition->setBy === IgnitionSetBy::Plate;
        $seen = $this->state->sheet->ignition->seenFrom;
        $wrongWay = $this->astray()?->wentTheWrongWay() === true
            ? 'Which way it was moved'.($seen === null ? '' : ", seen from $seen").'. ' : '';

        return $wrongWay.'Dial or wheel: zeroed at the top, the stem free. Which mark was read. '
            .($isPlate ? 'Rotor off: key whole, tapers dry and unmarked; the plate’s screws hold.'
                : 'Rotor: key whole, tapers dry and unmarked; the pick-up’s screws hold, its gap right.');
    }

    private function move(): string
    {
        $off = $this->last()?->read->off;
        $plate = $this->plate();
        $what = $this->state->sheet->ignition->setBy === IgnitionSetBy::Plate ? 'plate' : 'pick-up';
        if ($off === null) {
            return "The $what moved towards the point that its maker states.";
        }
        $against = ($off < 0 ? 'against the rotation' : 'with the rotation');
        if ($plate === null) {
            return 'The '.$what.' moved '.Degrees::text(abs($off))." of the crank, $against.";
        }
        $rim = $plate->rim($off);
        $seen = $this->state->sheet->ignition->seenFrom;

        return 'The '.$what.' moved '.Degrees::text($plate->turn($off)).' '.$plate->way($off)?->value
            .($seen === null ? '' : ", seen from $seen").", $against"
            .($rim === null ? '.' : ': '.Dimension::Length->written(round($rim->nanometres / 1e4) * 1e4).' along its rim.');
    }

    private function trusted(): string
    {
        $id = $this->state->sheet->ignition->trusted ?? '';

        return $this->state->sheet->marks->named($id)->name ?? $id;
    }

    /** Which way the plate goes to bring the point where it belongs; null where it is right or not known. */
    public function wayOfPlate(): ?Rotation
    {
        $off = $this->last()?->read->off;

        return $off === null ? null : $this->plate()?->way($off);
    }
}
