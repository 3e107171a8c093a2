<?php

namespace Moltrek\Core\Log;

use DateTimeImmutable;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Fitting\Assessor;
use Moltrek\Core\Fitting\BoreAdvice;
use Moltrek\Core\Measuring\BoreMap;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Blockage;
use Moltrek\Core\Planning\NextMove;
use Moltrek\Core\Planning\SlabState;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Planning\StepState;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** What a build is at the end of its log. Everything here is derived; asking twice gives the same. */
final class BuildState
{
    /** @var array<string, Assessment>|null */
    private ?array $assessments = null;

    /** @var array<string, list<Spot>> */
    private array $spotsByStep = [];

    /** @var array<string, Reading>|null */
    private ?array $readings = null;

    /**
     * @param  array<string, Spot>  $spots
     * @param  list<Entry>  $entries  in the order they happened
     * @param  array<string, Entry>  $struck  the striking entry, by the id of the struck one
     */
    public function __construct(
        public readonly EngineSheet $sheet,
        public readonly array $spots,
        public readonly array $entries,
        public readonly array $struck,
        private readonly Fold $fold,
        public readonly DateTimeImmutable $now,
    ) {
    }

    public function complaint(): string
    {
        return $this->fold->complaint;
    }

    /** The entry whose reading stands at a spot. */
    public function entryAt(string $spot): ?Entry
    {
        return $this->fold->readings[$spot] ?? null;
    }

    /** @return array<string, Reading> the standing readings, by spot */
    public function readings(): array
    {
        if ($this->readings === null) {
            $this->readings = [];
            foreach ($this->fold->readings as $id => $entry) {
                $spot = $this->spots[$id] ?? null;
                if ($spot !== null) {
                    $this->readings[$id] = Reading::read(Fields::of($entry->payload, ...Reading::KEYS), $spot);
                }
            }
        }

        return $this->readings;
    }

    /** @return array<string, Assessment> */
    public function assessments(): array
    {
        return $this->assessments ??= $this->assessor()->all();
    }

    /** The bore of a cylinder as far as it has been read. */
    public function boreMap(Cylinder $cylinder): ?BoreMap
    {
        return $this->assessor()->map($cylinder);
    }

    private function assessor(): Assessor
    {
        return new Assessor($this->sheet, $this->spots, $this->readings(), $this->fold->choices);
    }

    /** How far the engine was together when the standing reading of a place was taken. */
    public function takenIn(string $spot): ?string
    {
        return isset($this->fold->readings[$spot]) ? $this->fold->takenIn[$spot] ?? null : null;
    }

    /** What was read here and no longer holds, until it is read again. */
    public function staleAt(string $spot): ?StaleReading
    {
        return $this->fold->stale[$spot] ?? null;
    }

    /** The first reading here, if another has followed it. */
    public function firstAt(string $spot): ?Entry
    {
        $first = $this->fold->first[$spot] ?? null;

        return $first === ($this->fold->readings[$spot] ?? null) ? null : $first;
    }

    /** What the bore of a cylinder should have done to it. */
    public function boreAdvice(Cylinder $cylinder): BoreAdvice
    {
        $piston = $this->readings()['piston.'.$cylinder->id] ?? null;
        $limit = ($this->assessments()['piston_clearance.'.$cylinder->id] ?? null)?->source->limit;

        $unread = array_filter($this->spots, fn (Spot $spot): bool => $spot->measurable->key === 'bore' && $spot->cylinder === $cylinder && ! isset($this->fold->readings[$spot->id]));

        return BoreAdvice::on($this->sheet, $unread === [] ? $this->boreMap($cylinder) : null, $piston?->size(), $limit);
    }

    public function decisionOn(string $cylinder): ?Entry
    {
        return $this->fold->decided[$cylinder] ?? null;
    }

    public function gapsOf(string $cylinder): ?Entry
    {
        return $this->fold->gaps[$cylinder] ?? null;
    }

    /** The maker's mark that was read at a place. */
    public function markAt(string $place): ?string
    {
        return $this->fold->marks[$place] ?? null;
    }

    public function pairs(): ?Entry
    {
        return $this->fold->pairs;
    }

    /**
     * The places this engine is not measured without.
     *
     * @return array<string, Spot>
     */
    public function expectedSpots(): array
    {
        return array_filter($this->spots, static fn (Spot $spot): bool => $spot->expected);
    }

    /** The slab a place is read on; the barrel where this engine has no slab of that kind. */
    public function slabOf(Spot $spot): Slab
    {
        return $this->sheet->slab($spot->measurable->slab) ?? $this->sheet->slab(SlabKind::Barrel) ?? $this->sheet->slabs[0];
    }

    /** @return array<string, Step> in order */
    public function steps(): array
    {
        return $this->fold->plan;
    }

    public function doneBy(string $step): ?Entry
    {
        return $this->fold->done[$step] ?? null;
    }

    /** Where a step stands; what was done and no longer counts is void until it is done again. */
    public function stepState(Step $step): StepState
    {
        return match (true) {
            $this->isDone($step) => StepState::Done,
            isset($this->fold->void[$step->id]) || $this->staleIn($step) => StepState::Void,
            $this->openNeeds($step) !== [] => StepState::Open,
            $this->blockages($step) !== [] => StepState::Blocked,
            default => StepState::Ready,
        };
    }

    /** Whether a step can be done now: it is not done, nothing comes first and nothing holds it. */
    public function canBeDone(Step $step): bool
    {
        return ! $this->isDone($step) && $this->openNeeds($step) === [] && $this->blockages($step) === [];
    }

    /** A step that was ticked, or a measure whose places have all been read. */
    public function isDone(Step $step): bool
    {
        if (isset($this->fold->done[$step->id])) {
            return ! $this->staleIn($step);
        }
        $spots = $this->spotsOf($step);

        return $spots !== [] && array_filter($spots, fn (Spot $spot): bool => ! isset($this->fold->readings[$spot->id])) === [] && ! isset($this->fold->void[$step->id]);
    }

    private function staleIn(Step $step): bool
    {
        return array_filter($this->spotsOf($step), fn (Spot $spot): bool => isset($this->fold->stale[$spot->id])) !== [];
    }

    /** @return list<Spot> the places that a measuring step stands for */
    public function spotsOf(Step $step): array
    {
        if ($step->spots === null) {
            return [];
        }
        $spots = $this->spotsByStep[$step->spots] ?? null;
        if ($spots === null) {
            [$what, $cylinder] = [...explode('.', $step->spots, 2), ''];
            $spots = $this->spotsByStep[$step->spots] = array_values(array_filter($this->expectedSpots(), static fn (Spot $spot): bool => match ($what) {
                'barrel' => in_array($spot->measurable->group, ['piston', 'bore', 'rings'], true) && $spot->cylinder?->id === $cylinder,
                'head' => in_array($spot->measurable->group, ['head', 'valves'], true),
                'cam' => $spot->measurable->group === 'cam' && $spot->measurable->key !== 'valve_lash',
                default => $spot->id === $step->spots,
            }));
        }

        return $spots;
    }

    /** @return list<string> */
    public function openNeeds(Step $step): array
    {
        return array_values(array_filter($step->needs, fn (string $need): bool => ! $this->isDone($this->fold->plan[$need])));
    }

    public function voidBecause(Step $step): ?string
    {
        return $this->fold->void[$step->id] ?? null;
    }

    /** @return list<Blockage> what holds a step although its needs may be met */
    public function blockages(Step $step): array
    {
        return (new Blockages($this, $this->fold))->of($step);
    }

    /** @return array<int, Entry> what has been answered of a hold, by item */
    public function answersTo(string $hold): array
    {
        return $this->fold->answers[$hold] ?? [];
    }

    /** @return list<RunningWait> that are not over yet */
    public function waits(): array
    {
        return array_values(array_filter($this->fold->waits, fn (RunningWait $wait): bool => ! $wait->isOver($this->now)));
    }

    /** @return list<Ledger> */
    public function ledger(): array
    {
        return array_values($this->fold->ledger);
    }

    /** @return list<Debt> */
    public function debts(): array
    {
        return array_values($this->fold->debts);
    }

    /** @return list<Entry> */
    public function openEnds(): array
    {
        return $this->fold->openEnds;
    }

    /** @return array<string, Entry> school by matter, where somebody has chosen */
    public function schools(): array
    {
        return $this->fold->schools;
    }

    /**
     * The school that a matter is done by here, and whose it is.
     *
     * @return array{string, 'chosen'|'sheet'|'shop'|'usual'}
     */
    public function schoolOf(School $matter): array
    {
        $chosen = $this->fold->schools[$matter->matter] ?? null;

        return match (true) {
            $chosen !== null => [$chosen->text('school'), 'chosen'],
            isset($this->sheet->schools[$matter->matter]) => [$this->sheet->schools[$matter->matter], 'sheet'],
            isset($this->fold->habits[$matter->matter]) => [$this->fold->habits[$matter->matter], 'shop'],
            default => [$matter->default(), 'usual'],
        };
    }

    /** Whether every step that a matter changes has been done. */
    public function isSettled(School $matter): bool
    {
        $steps = array_filter($this->steps(), static fn (Step $step): bool => $matter->changes($step));

        return $steps !== [] && array_filter($steps, fn (Step $step): bool => ! $this->isDone($step)) === [];
    }

    /** @return list<string> the steps that can be done now, best first */
    public function nextSteps(): array
    {
        return array_values(array_map(static fn (Step $step): string => $step->id, array_filter($this->fold->plan, $this->canBeDone(...))));
    }

    /** @return list<string> what a step takes: its one-use parts, and what a decision on its bore asks for */
    public function partsOf(Step $step): array
    {
        return $this->fold->partsOf($step);
    }

    /** @return array<string, string> parts that came and are not the right ones, and why */
    public function wrongParts(): array
    {
        return $this->fold->parts->wrong;
    }

    /** Where a part that has a home went instead, if somebody said so. */
    public function elsewhere(string $part): ?Entry
    {
        return $this->fold->elsewhere[$part] ?? null;
    }

    public function handedOver(): ?Entry
    {
        return $this->fold->handedOver;
    }

    /** @return list<string> who has answered a hold */
    public function answerers(string $hold): array
    {
        return $this->fold->answerers($hold);
    }

    /** @return list<PlannedPart> */
    public function parts(): array
    {
        return PlannedPart::all($this->fold);
    }

    public function slabState(Slab $slab): SlabState
    {
        return $this->fold->slabs[$slab->id];
    }

    /** @return list<PartOnOrder> */
    public function partsOnOrder(): array
    {
        return array_values($this->fold->parts->onOrder);
    }

    /** The part a spot or step waits for. */
    public function heldUpBy(string $id): ?PartOnOrder
    {
        foreach ($this->fold->parts->onOrder as $part) {
            if ($part->holdsUp($id)) {
                return $part;
            }
        }

        return null;
    }

    /** The highest slab up to which everything lies in place; null when not even the lowest does. */
    public function togetherUpTo(): ?Slab
    {
        $top = null;
        foreach ($this->sheet->slabs as $slab) {
            if (! $this->slabState($slab)->isInPlace()) {
                return $top;
            }
            $top = $slab;
        }

        return $top;
    }

    /** How much of the known work is done, from 0 to 1: places read and steps done. */
    public function progress(): float
    {
        $expected = $this->expectedSpots();
        $all = count($expected) + count($this->fold->plan);

        return $all === 0 ? 0.0 : (count(array_intersect_key($this->fold->readings, $expected)) + count(array_filter($this->fold->plan, $this->isDone(...)))) / $all;
    }

    public function nextMove(): NextMove
    {
        return (new Foreman($this))->nextMove();
    }
}
