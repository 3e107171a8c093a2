<?php

namespace Moltrek\Core\Log;

use Moltrek\Core\Fitting\MarkPlace;
use Moltrek\Core\Log\Planning\ActDone;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;

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

    /** @param  list<string>  $slabs  they and everything that stands on them come off */
    public static function byLifting(EngineSheet $sheet, array $slabs, Entry $by): self
    {
        $off = array_merge($slabs, ...array_map($sheet->stack->above(...), $slabs));
        $lifted = array_values(array_filter($sheet->stack->slabs, static fn (Slab $slab): bool => in_array($slab->id, $off, true)));

        return new self(
            $sheet,
            $by,
            $lifted === [] ? '' : 'lifted: '.lcfirst($lifted[0]->name),
            array_map(static fn (Slab $each): string => $each->id, $lifted),
        );
    }

    /** The cams of a cylinder's head come out for something that was decided. */
    public static function byCamsOut(EngineSheet $sheet, string $cylinder, string $why, Entry $by): self
    {
        return new self($sheet, $by, $why, [], Act::CamOut, $cylinder);
    }

    public static function byAct(EngineSheet $sheet, ActDone $done, Entry $by): self
    {
        return new self($sheet, $by, $done->act->value, [], $done->act, $done->cylinder, $done->part());
    }

    public function isBy(Act ...$acts): bool
    {
        return $this->act !== null && in_array($this->act, $acts, true);
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

        return (in_array($this->act, $spot->measurable->staleBy, true) || $this->movesRods($spot)) && $this->isAt($spot);
    }

    /** Another gasket changes the length that a pushrod has to bridge, and with it the clearance. */
    private function movesRods(Spot $spot): bool
    {
        return in_array($this->act, [Act::BaseGasketChanged, Act::HeadGasketChanged], true) && $spot->is('valve_lash')
            && $this->sheet->valveTrain->gear === ValveGear::Pushrod;
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
            ? $step->kind !== StepKind::TakeOff && ! $step->asks->asFound && array_intersect($step->effect->lostWith, $this->lifted) !== []
            : $this->isOn($step) && $step->isUndoneBy($this->act, $this->cylinder, $this->part);
    }

    /** Whether a step of taking apart has been done with it. */
    public function tookApart(Step $step): bool
    {
        return array_intersect([$step->effect->joint->lifts, ...$step->effect->joint->opensWith], $this->lifted) !== [];
    }

    /** Whether an act on one cylinder reaches a step: not one on a slab of another column. */
    private function isOn(Step $step): bool
    {
        $slab = $this->sheet->stack->named($step->place->slab);

        return $this->cylinder === '' || $slab === null || $slab->serves($this->cylinder);
    }

    /** @return list<Slab> the heads that an act eases */
    public function slackens(): array
    {
        return $this->act !== Act::HeadSlackened ? [] : array_values(array_filter($this->sheet->stack->all(SlabKind::Head),
            fn (Slab $head): bool => $this->cylinder === '' || $head->serves($this->cylinder)));
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
