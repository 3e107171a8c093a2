<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\BoreJob;
use Moltrek\Core\Fitting\GapSchool;
use Moltrek\Core\Fitting\Leaf;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\SourceKind;

/**
 * What may enter the log: a payload of its kind that names places, steps and slabs of this engine. A figure is never
 * refused for being unlikely, only for being no figure.
 */
final readonly class Admission
{
    public function __construct(private BuildState $state)
    {
    }

    /** @throws Refusal */
    public function check(EntryKind $kind, mixed $payload): void
    {
        $fields = Fields::of($payload, ...$kind->keys());
        match ($kind) {
            EntryKind::JobOpened => $this->opening($fields),
            EntryKind::ReadingTaken => $this->reading($fields),
            EntryKind::EntryStruck => $this->strike($fields),
            EntryKind::SourceChosen => $this->source($fields),
            EntryKind::StepDone => $this->step($fields),
            EntryKind::NoteWritten => $this->note($fields),
            EntryKind::SlabLifted => $this->lift($fields),
            EntryKind::PartOrdered => $this->part($fields),
            EntryKind::PartArrived => $fields->text('part', 120),
            EntryKind::ActDone => $this->act($fields),
            EntryKind::BoreDecided => $this->decision($fields),
            EntryKind::PistonsPaired => $this->pairs($fields),
            EntryKind::GapsPlaced => $this->gaps($fields),
        };
    }

    private function opening(Fields $fields): void
    {
        $fields->choice('condition', JobCondition::class);
        $fields->textOrNull('complaint');
    }

    private function reading(Fields $fields): void
    {
        $spot = $this->state->spots[$fields->text('spot')]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('spot'), 'a measuring place of this engine'), 'spot');
        $fields->flag('kept');
        Reading::read($fields, $spot);
        $tool = $fields->objectOrNull('tool', ...Tool::KEYS);
        if ($tool !== null) {
            Leaf::readAll($tool, 'leaves');
        }
    }

    private function strike(Fields $fields): void
    {
        $fields->text('reason', 500);
        $target = $fields->text('entry');
        foreach ($this->state->entries as $entry) {
            if ($entry->id !== $target) {
                continue;
            }
            if (isset($this->state->struck[$target])) {
                throw $fields->placed(ContradictoryFields::excluded('entry', $target, 'This entry has been struck out already.', 'an entry that stands'));
            }
            if ($entry->kind === EntryKind::JobOpened) {
                throw $fields->placed(ContradictoryFields::excluded('entry', $target, 'The opening of a job cannot be struck out.', 'any later entry'));
            }

            return;
        }
        throw $fields->placed(MalformedDocument::wrongSort($target, 'the id of an entry of this build'), 'entry');
    }

    private function source(Fields $fields): void
    {
        $scope = $fields->text('limit');
        $known = array_unique(array_map(static fn ($assessment): string => $assessment->scope, array_values($this->state->assessments())));
        if (! in_array($scope, $known, true)) {
            throw $fields->placed(MalformedDocument::wrongSort($scope, 'one of '.implode(', ', $known)), 'limit');
        }
        $fields->choice('range', SourceKind::class);
        if ($fields->has('service')) {
            $fields->choice('service', SourceKind::class);
        }
        $fields->text('reason', 500);
    }

    private function step(Fields $fields): void
    {
        $step = $this->state->steps()[$fields->text('step')]
            ?? throw $fields->placed(MalformedDocument::wrongSort($fields->raw('step'), 'a step of this engine'), 'step');
        $state = $this->state->stepState($step);
        if ($state === StepState::Done) {
            throw $fields->placed(ContradictoryFields::excluded('step', $step->id, 'This step has been done already.', 'a step that is ready'));
        }
        if ($state === StepState::Open) {
            $first = $this->state->openNeeds($step)[0] ?? null;
            $part = $this->state->heldUpBy($step->id);
            $why = match (true) {
                $first !== null => 'First: '.$this->state->steps()[$first]->name.'.',
                $part !== null => 'It waits for '.$part->part.'.',
                default => 'The barrel is in place; take it off first.',
            };
            throw $fields->placed(ContradictoryFields::excluded('step', $step->id, $why, 'a step that is ready'));
        }
    }

    private function act(Fields $fields): void
    {
        $act = $fields->choice('act', Act::class);
        $this->cylinder($fields);
        $ring = $fields->textOrNull('ring', 30);
        if ($act === Act::RingFiled || $ring !== null) {
            $this->ring($fields, $ring ?? '');
        }
        $fields->textOrNull('note', 500);
    }

    private function decision(Fields $fields): void
    {
        $this->cylinder($fields);
        $fields->choice('decision', BoreJob::class);
        $fields->textOrNull('size', 60);
        $fields->textOrNull('reason', 500);
    }

    private function pairs(Fields $fields): void
    {
        $pairs = $fields->required('pairs', 'a piston for each cylinder')->named('pairs');
        foreach ($pairs->keys() as $cylinder) {
            if ($this->state->sheet->cylinder($cylinder) === null) {
                throw $pairs->placed(MalformedDocument::wrongSort($cylinder, 'a cylinder of this engine'), $cylinder);
            }
            $pairs->text($cylinder, 60);
        }
    }

    private function gaps(Fields $fields): void
    {
        $this->cylinder($fields);
        $fields->choice('school', GapSchool::class);
        $angles = $fields->object('angles', ...GapSchool::RINGS);
        foreach ($angles->keys() as $ring) {
            $angles->angle($ring);
        }
    }

    private function cylinder(Fields $fields): void
    {
        if ($this->state->sheet->cylinder($fields->text('cylinder', 20)) === null) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('cylinder'), 'a cylinder of this engine'), 'cylinder');
        }
    }

    private function ring(Fields $fields, string $ring): void
    {
        if (! in_array($ring, array_column($this->state->sheet->piston->rings, 'id'), true)) {
            throw $fields->placed(MalformedDocument::wrongSort($ring, 'a ring of this engine'), 'ring');
        }
    }

    private function note(Fields $fields): void
    {
        $fields->text('text');
        $fields->textOrNull('slab');
    }

    private function lift(Fields $fields): void
    {
        $height = $this->state->sheet->heightOf($fields->text('slab'));
        if ($height === null || $height === 0) {
            throw $fields->placed(MalformedDocument::wrongSort($fields->raw('slab'), 'a slab of this engine above the cases'), 'slab');
        }
    }

    private function part(Fields $fields): void
    {
        $fields->text('part', 120);
        $fields->texts('for');
        $promised = $fields->textOrNull('promised');
        if ($promised !== null && preg_match('/^\d{4}-\d{2}-\d{2}$/', $promised) !== 1) {
            throw $fields->placed(MalformedDocument::wrongSort($promised, 'a day such as 2026-11-30'), 'promised');
        }
    }
}
