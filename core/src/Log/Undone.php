<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Log\Planning\ActDone;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;

/**
 * What one lift or one act takes back. Each quantity and each step says of itself what undoes it; this is asked of every
 * reading, every mark and every step that stands.
 */
final readonly class Undone
{
    /** @param  list<string>  $lifted  slabs that come off; none for an act */
    private function __construct(
        private EngineSheet $sheet,
        public Entry $by,
        public string $why,
        public array $lifted,
        private ?Act $act = null,
        private string $cylinder = '',
        private string $part = '',
    ) {
    }

    /** @param  string  $slab  it and everything above it come off */
    public static function byLifting(EngineSheet $sheet, string $slab, Entry $by): self
    {
        $lifted = $sheet->stack->from($slab);

        return new self(
            $sheet,
            $by,
            $lifted === [] ? '' : 'lifted: '.lcfirst($lifted[0]->name),
            array_map(static fn (Slab $each): string => $each->id, $lifted),
        );
    }

    public static function byAct(EngineSheet $sheet, ActDone $done, Entry $by): self
    {
        return new self($sheet, $by, $done->act->value, [], $done->act, $done->cylinder, $done->part());
    }

    public function isLift(): bool
    {
        return $this->act === null;
    }

    public function lifts(string $slab): bool
    {
        return in_array($slab, $this->lifted, true);
    }

    /** Whether a reading here no longer holds. */
    public function stales(Spot $spot): bool
    {
        if ($this->act === null) {
            return $spot->measurable->staleWhenLifted && $this->lifts($spot->slabOn($this->sheet)->id);
        }

        return in_array($this->act, $spot->measurable->staleBy, true) && $this->isAt($spot);
    }

    /** A mark no longer says anything where the part that carries it is another, or of another size. */
    public function wipes(MarkPlace $place): bool
    {
        return $this->act !== null && $place->isLostBy($this->act, $this->cylinder);
    }

    /** Whether a step that was done is to be done again. */
    public function takesBack(Step $step): bool
    {
        return $this->act === null
            ? $step->kind->isAssembly() && $this->lifts($step->effect->lostWith)
            : $step->isUndoneBy($this->act, $this->cylinder, $this->part);
    }

    /** Whether a step of taking apart has been done with it. */
    public function tookApart(Step $step): bool
    {
        return $step->effect->lifts !== null ? $this->lifts($step->effect->lifts) : $this->isLift() && $step->effect->isOpening;
    }

    private function isAt(Spot $spot): bool
    {
        $ofPart = $this->part === '' || $spot->at->part === $this->part;
        if ($this->act?->isOfCylinder() === true) {
            return ($spot->at->cylinder === null || $spot->isOf($this->cylinder)) && ($ofPart || ! $this->act->isOfRing());
        }

        return ($this->cylinder === '' || $spot->isOf($this->cylinder)) && ($ofPart || $this->act?->isOfValve() !== true);
    }
}
