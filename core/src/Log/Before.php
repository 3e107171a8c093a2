<?php

namespace Moltrek\Core\Log;

use Closure;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\EngineSheet;

/** What an entry is admitted to: the engine, and the build as it stands, replayed only for a kind that asks. */
final readonly class Before
{
    /**
     * @param  array<string, Spot>  $spots
     * @param  Closure(): BuildState  $replay
     * @param  (Closure(string): ?Entry)|null  $find  an entry by its id, where it can be had without a replay
     * @param  bool  $isTrial  whether it is only tried out: a joint then counts as pulled where somebody says so
     */
    public function __construct(
        public EngineSheet $sheet,
        public array $spots,
        private Closure $replay,
        private ?Closure $find = null,
        public bool $isTrial = false,
    ) {
    }

    public static function of(BuildState $state): self
    {
        return new self($state->sheet, $state->spots, static fn (): BuildState => $state);
    }

    public function state(): BuildState
    {
        return ($this->replay)();
    }

    /** An entry that is in the log. */
    public function entry(string $id): ?Entry
    {
        return $this->find === null ? array_column($this->state()->entries, null, 'id')[$id] ?? null : ($this->find)($id);
    }

    /**
     * What a payload says, once it is sure that it belongs here.
     *
     * @param  class-string<Kind>  $kind
     *
     * @throws Refusal
     */
    public function admit(string $kind, mixed $payload): Kind
    {
        $said = Kinds::read($kind, $payload);
        $said->admit($this);

        return $said;
    }

    /**
     * The same by the kind's name: the one door through which people, files and examples enter.
     *
     * @throws Refusal
     */
    public function enter(string $name, mixed $payload): Kind
    {
        return $this->admit(Kinds::named($name) ?? throw MalformedDocument::wrongSort($name, 'a kind of entry')->under('kind'), $payload);
    }

    /**
     * A job is opened once, by whoever takes the machine in.
     *
     * @throws ContradictoryFields
     */
    public function refuseSecondOpening(): void
    {
        foreach ($this->state()->entries as $entry) {
            if ($entry->said instanceof JobOpened) {
                $why = 'This job has been opened. What it is for can be changed, what came in cannot.';
                throw ContradictoryFields::excluded('condition', 'a second opening', $why, 'a change of what it is for, or a note');
            }
        }
    }

    /** @throws MalformedDocument */
    public function refuseOtherCylinder(string $cylinder, string $field = 'cylinder'): void
    {
        if ($this->sheet->cylinder($cylinder) === null) {
            throw MalformedDocument::wrongSort($cylinder, 'a cylinder of this engine')->under($field);
        }
    }

    /** @throws MalformedDocument */
    public function refuseOtherSlab(string $slab): void
    {
        if ($this->sheet->heightOf($slab) === null) {
            throw MalformedDocument::wrongSort($slab, 'a slab of this engine')->under('slab');
        }
    }

    /** @throws MalformedDocument */
    public function step(string $id, string $what = 'a step of this engine', string $field = 'step'): Step
    {
        return $this->state()->work->step($id) ?? throw MalformedDocument::wrongSort($id, $what)->under($field);
    }

    /**
     * A hold whose turn has come, and that asks this item.
     *
     * @throws Refusal
     */
    public function refuseOtherItem(string $hold, int $item): void
    {
        $step = $this->state()->work->hold($hold) ?? throw MalformedDocument::wrongSort($hold, 'a hold of this engine')->under('hold');
        $last = count($step->asks->items) - 1;
        if ($item > $last) {
            throw MalformedDocument::wrongSort($item, "a whole number from 0 to $last")->under('item');
        }
        $first = $this->state()->work->openNeeds($step)[0] ?? null;
        if ($first !== null) {
            $name = $this->state()->work->steps()[$first]->words->name;
            throw ContradictoryFields::excluded('hold', $hold, "First: $name.", 'a hold whose turn has come');
        }
    }
}
