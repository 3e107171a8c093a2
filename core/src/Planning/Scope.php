<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\AccessKind;
use Moltrek\Core\Sheet\Adjustment;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\ValveGear;

/**
 * What the errands of a job open on this engine, and what they are out for. Whatever stands on a slab that is opened is
 * opened too; nothing else is touched.
 */
final readonly class Scope
{
    /** @var list<Bank> */
    public array $banks;

    /** Whether it came in pieces: nothing is taken off, and nothing was found. */
    public bool $fromPieces;

    /** Whether it is put together and nothing else: the whole engine is. */
    public bool $isOnlyPutTogether;

    /** @var array<string, true> */
    private array $opened;

    /** @param  list<Errand>  $errands */
    public function __construct(public EngineSheet $sheet, private array $errands, private ShimWork $shims = new ShimWork)
    {
        $this->banks = Bank::of($sheet);
        $this->fromPieces = in_array(Errand::PutTogether, $errands, true);
        $this->isOnlyPutTogether = $errands === [Errand::PutTogether];
        $opened = [];
        foreach ($errands as $errand) {
            foreach ($this->openedBy($errand) as $slab) {
                $opened += array_fill_keys([$slab, ...$sheet->stack->above($slab)], true);
            }
        }
        $this->opened = $opened;
    }

    public function has(Errand ...$errands): bool
    {
        return $this->isOnlyPutTogether
            || array_uintersect($this->errands, $errands,
                static fn (Errand $one, Errand $other): int => strcmp($one->value, $other->value)) !== [];
    }

    public function opens(?Slab $slab): bool
    {
        return $slab !== null && isset($this->opened[$slab->id]);
    }

    /** @return list<Slab> what comes off, bottom-up */
    public function slabs(SlabKind ...$kinds): array
    {
        return array_values(array_filter($this->sheet->stack->slabs, fn (Slab $slab): bool => $this->opens($slab)
            && ($kinds === [] || in_array($slab->kind, $kinds, true))));
    }

    /** @return list<Slab> what stays in its place and loses its torque, for what shares its fasteners comes off */
    public function slackened(): array
    {
        return array_values(array_filter($this->sheet->stack->slabs, fn (Slab $slab): bool => ! $this->opens($slab)
            && array_filter($slab->pulledAfter, fn (string $over): bool => isset($this->opened[$over])) !== []));
    }

    /**
     * The pull of a head, where it does not wait for one of these slabs itself.
     *
     * @param  list<Slab>  $later
     * @return list<string>
     */
    public function pullOfHead(Bank $bank, array $later): array
    {
        $head = $bank->head;

        return $head === null || array_intersect($head->pulledAfter, array_column($later, 'id')) !== [] ? [] : ['pull.'.$head->id];
    }

    public function opensBarrelOf(string $cylinder): bool
    {
        return $this->opens($this->sheet->stack->slab(SlabKind::Barrel, $cylinder));
    }

    public function opensHeadOf(string $cylinder): bool
    {
        return $this->opens($this->bankOf($cylinder)->head);
    }

    public function bankOf(string $cylinder): Bank
    {
        foreach ($this->banks as $bank) {
            if ($bank->serves($cylinder)) {
                return $bank;
            }
        }

        return $this->banks[0];
    }

    public function boresAreRead(): bool
    {
        return $this->has(Errand::TopEnd, Errand::BoreAndPiston);
    }

    public function headIsRead(Bank $bank): bool
    {
        return $this->has(Errand::TopEnd, Errand::Head) && $this->opens($bank->head);
    }

    /** Whether the cams of this head come out, or let go of their chain. */
    public function camsAreOut(Bank $bank): bool
    {
        if (! $this->sheet->valveTrain->hasCamInHead()) {
            return false;
        }

        if ($this->camsStay($bank)) {
            return false;
        }

        return $this->isOnlyPutTogether || $this->opens($bank->head) || array_filter($bank->holders, $this->opens(...)) !== []
            || $this->has(Errand::Cam) || $this->shimsAreChosen();
    }

    public function camsAreRead(): bool
    {
        return $this->sheet->valveTrain->hasCamInHead() ? $this->has(Errand::TopEnd, Errand::Cam) : $this->chestIsOpened();
    }

    public function chestIsOpened(): bool
    {
        return $this->sheet->valveTrain->valves !== [] && ! $this->sheet->valveTrain->hasCamInHead()
            && $this->slabs(SlabKind::CamChest) !== [];
    }

    public function lashIsSet(): bool
    {
        return $this->has(Errand::TopEnd, Errand::ValveClearance);
    }

    /** Whether shims are chosen by what is read: where clearance is set, and after the seats of a head were cut or lapped. */
    public function shimsAreChosen(): bool
    {
        return $this->isShimmed() && ($this->lashIsSet() || $this->has(Errand::Head) || $this->shims->isAskedAgain);
    }

    /** Whether seats are cut or lapped: what was read before them says nothing of the clearance. */
    public function worksValves(): bool
    {
        return $this->has(Errand::TopEnd, Errand::Head);
    }

    /** Whether the marks of a head were looked at although its cams stay. */
    public function marksWereSeen(Bank $bank): bool
    {
        return in_array($bank->suffix, $this->shims->marksSeen, true);
    }

    /** Whether clearances were settled without a change, and the cams stay in. */
    public function camsStay(Bank $bank): bool
    {
        return in_array($bank->suffix, $this->shims->camsStay, true);
    }

    /** Whether the shims of a head come out: a head that is lifted or turned over drops them. */
    public function shimsAreOut(Bank $bank): bool
    {
        return $this->isShimmed() && $bank->valves !== [] && ! $this->camsStay($bank)
            && ($this->shimsAreChosen() || $this->opens($bank->head));
    }

    /** Whether compression and clearance are read as it came in. */
    public function isReadAsFound(): bool
    {
        return $this->has(Errand::TopEnd, Errand::Look) || ($this->has(Errand::Head) && $this->sheet->valveTrain->valves !== []);
    }

    /** Whether the exhaust valve is taken out and proved. */
    public function exhaustValveIsOut(): bool
    {
        return $this->sheet->exhaustValve !== null && $this->has(Errand::TopEnd, Errand::ExhaustValve);
    }

    /** Whether what drives the exhaust valve is let go: for the valve itself, and before its barrel lifts. */
    public function exhaustLinkageIsOff(): bool
    {
        return $this->sheet->exhaustValve !== null && ($this->exhaustValveIsOut() || $this->slabs(SlabKind::Barrel) !== []);
    }

    public function isShimmed(): bool
    {
        return in_array($this->sheet->valveTrain->adjustment, [Adjustment::ShimUnderBucket, Adjustment::FingerAndShim], true);
    }

    public function hasHydraulicRods(): bool
    {
        return $this->sheet->valveTrain->gear === ValveGear::Pushrod && $this->sheet->valveTrain->adjustment === Adjustment::Hydraulic;
    }

    /** Whether clearance is something that is read here at all. */
    public function hasLash(): bool
    {
        return $this->sheet->valveTrain->valves !== []
            && ! in_array($this->sheet->valveTrain->adjustment, [Adjustment::Hydraulic, null], true);
    }

    /** Whether the pushrods of a cylinder come out. */
    public function rodsAreOut(string $cylinder): bool
    {
        if ($this->sheet->valveTrain->gear !== ValveGear::Pushrod) {
            return false;
        }

        $boxes = $this->bankOf($cylinder)->boxesOf($cylinder);

        return $this->isOnlyPutTogether || $this->opensHeadOf($cylinder) || array_filter($boxes, $this->opens(...)) !== []
            || $this->chestIsOpened();
    }

    public function liftersAreOut(): bool
    {
        if (! in_array($this->sheet->valveTrain->gear, [ValveGear::Pushrod, ValveGear::Side], true)) {
            return false;
        }

        return array_filter($this->lifterCovers(), $this->opens(...)) !== [] || $this->liftersAreInTheWay();
    }

    /** Whether the sheet wants the lifters in before something that this job takes off. */
    private function liftersAreInTheWay(): bool
    {
        foreach ($this->sheet->work->plan->access as $access) {
            $later = $access->kind === AccessKind::InBefore || $access->kind === AccessKind::InPartFirst
                || $access->kind === AccessKind::NotAfter;
            $then = StepName::of($access->then);
            if ($later && $access->first === 'on.lifters' && $then->is('on') && $this->opens($then->slab($this->sheet->stack))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Slab> what closes over the cams, where they lie in the case */
    public function camChests(): array
    {
        $chests = $this->sheet->stack->all(SlabKind::CamChest);
        $behind = $this->sheet->valveTrain->marksBehind ?? array_slice(array_column($chests, 'id'), 0, 1);

        return array_values(array_filter($chests, static fn (Slab $chest): bool => in_array($chest->id, $behind, true)));
    }

    /** @return list<Slab> */
    public function lifterCovers(): array
    {
        $chests = array_column($this->camChests(), 'id');

        return array_values(array_filter($this->sheet->stack->all(SlabKind::CamChest),
            static fn (Slab $slab): bool => ! in_array($slab->id, $chests, true)));
    }

    /** @return list<Slab> behind which the cam marks of a head lie */
    public function marksBehind(Bank $bank): array
    {
        $stated = $this->sheet->valveTrain->marksBehind;
        if ($stated === null) {
            return $bank->covers;
        }
        // what holds the cams down closes over nothing that could be seen before it is eased
        $slabs = array_filter(array_map($this->sheet->stack->named(...), $stated),
            static fn (?Slab $slab): bool => $slab !== null && ! in_array($slab, $bank->holders, true));

        return array_values(array_filter($slabs, fn (Slab $slab): bool => count($slabs) === 1 || count($this->banks) === 1
            || ($bank->head !== null && $this->sheet->stack->standsOn($slab->id, $bank->head->id))));
    }

    /** @return list<Slab> that must still be off when oil is seen */
    public function oilSeenUnder(): array
    {
        $stated = $this->sheet->lubricating->seenUnder;
        $slabs = $stated === null ? array_filter($this->sheet->stack->slabs, $this->sheet->stack->isTopCover(...))
            : array_filter($this->sheet->stack->slabs, static fn (Slab $slab): bool => in_array($slab->id, $stated, true));

        return array_values($slabs);
    }

    /** Whether the pistons come out of an upper case from above while the crank stays where it is. */
    public function isUpperCase(): bool
    {
        return $this->sheet->barrel->joining === Joining::UpperCase;
    }

    public function capsAreOff(): bool
    {
        return $this->isUpperCase() && $this->sheet->hasSplitRods();
    }

    /** @return list<string> */
    private function openedBy(Errand $errand): array
    {
        $stack = $this->sheet->stack;
        $covers = array_values(array_filter($stack->slabs, $stack->isTopCover(...)));

        return match ($errand) {
            Errand::TopEnd => [
                ...self::ids(array_filter($stack->slabs, $this->isOfColumn(...))),
                ...($this->sheet->ignition->behind === null || ! in_array(Errand::Ignition, Errand::on($this->sheet), true)
                    ? [] : [$this->sheet->ignition->behind]),
                ...$this->overExhaustLinkage(),
            ],
            Errand::BoreAndPiston => [...self::ids(array_filter($stack->slabs, $this->isOfColumn(...))), ...$this->overExhaustLinkage()],
            Errand::ExhaustValve => [
                ...$this->sheet->exhaustValve?->isReachedFromOutside === true ? self::ids($stack->all(SlabKind::ExhaustValveCover))
                    : self::ids(array_filter($stack->slabs, $this->isOfColumn(...))),
                ...$this->overExhaustLinkage(),
            ],
            Errand::Head => $this->headJoints(),
            Errand::Cam => $this->sheet->valveTrain->hasCamInHead() ? $this->onHeads($covers) : $this->chest($covers),
            Errand::ValveClearance => match (true) {
                $this->isShimmed() => $this->onHeads($covers),
                // their tubes are raised where they stand
                $this->hasHydraulicRods() && $this->sheet->valveTrain->adjustableRods => [],
                $this->hasHydraulicRods() => [...self::ids($covers),
                    ...self::ids(array_merge(...array_map(static fn (Bank $bank): array => $bank->boxes, $this->banks)))],
                // a stem is ground with its valve out, and the head stands over it
                $this->sheet->valveTrain->adjustment === Adjustment::GroundStem => [...self::ids($covers), ...$this->headJoints()],
                default => self::ids($covers),
            },
            Errand::Ignition => $this->sheet->ignition->behind === null ? [] : [$this->sheet->ignition->behind],
            Errand::CamChest => $this->chest($covers),
            Errand::Look => self::ids($covers),
            Errand::PutTogether => $this->isOnlyPutTogether
                ? self::ids(array_filter($stack->slabs, static fn (Slab $slab): bool => $slab->kind !== SlabKind::Case)) : [],
        };
    }

    /**
     * @param  array<Slab>  $slabs
     * @return list<string>
     */
    private static function ids(array $slabs): array
    {
        return array_column($slabs, 'id');
    }

    private function isOfColumn(Slab $slab): bool
    {
        if (in_array($slab->kind, [SlabKind::Case, SlabKind::SideCover, SlabKind::CamChest], true)) {
            return false;
        }
        $stack = $this->sheet->stack;
        $pillars = $stack->all(SlabKind::Barrel) === [] ? $stack->all(SlabKind::Head) : $stack->all(SlabKind::Barrel);
        foreach ($pillars as $pillar) {
            if ($slab->id === $pillar->id || $stack->standsOn($slab->id, $pillar->id) || $stack->standsOn($pillar->id, $slab->id)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> every head, and the gasket under it */
    private function headJoints(): array
    {
        $slabs = [];
        foreach ($this->sheet->stack->all(SlabKind::Head) as $head) {
            array_push($slabs, $head->id,
                ...array_filter($head->on, fn (string $under): bool => $this->sheet->stack->named($under)?->kind === SlabKind::HeadGasket));
        }

        return $slabs;
    }

    /**
     * What stands on the heads: the cams lie under it.
     *
     * @param  list<Slab>  $covers  those of an engine whose head is not drawn apart
     * @return list<string>
     */
    private function onHeads(array $covers): array
    {
        $slabs = self::ids($covers);
        foreach ($this->banks as $bank) {
            if (! $this->camsStay($bank)) {
                $onHead = $bank->head === null ? [] : $this->sheet->stack->above($bank->head->id);
                array_push($slabs, ...$onHead, ...self::ids($bank->holders));
            }
        }

        return $slabs;
    }

    /** @return list<string> */
    private function overExhaustLinkage(): array
    {
        return $this->sheet->exhaustValve?->linkageBehind === null ? [] : [$this->sheet->exhaustValve->linkageBehind];
    }

    /**
     * @param  list<Slab>  $covers
     * @return list<string>
     */
    private function chest(array $covers): array
    {
        $rods = [];
        foreach ($this->sheet->valveTrain->gear === ValveGear::Pushrod ? $this->banks : [] as $bank) {
            array_push($rods, ...array_column($bank->boxes === [] ? $bank->covers : $bank->boxes, 'id'));
        }

        return [...array_column($this->sheet->stack->all(SlabKind::CamChest), 'id'), ...$rods];
    }
}
