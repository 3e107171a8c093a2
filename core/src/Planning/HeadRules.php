<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\CamEntry;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\ValveGear;
use Moltrek\Core\Sheet\ValveTrain;

/** Deck and squish, the head joint, the head, and cams that lie in it. Source: shop practice. */
final readonly class HeadRules
{
    private const CAPS = 'caps by their numbers, drawn down a turn at a time from the middle';

    public static function write(PlanBuilder $plan): void
    {
        $rules = new self($plan, $plan->scope);
        foreach ($plan->scope->banks as $bank) {
            $rules->room($bank);
            $rules->head($bank);
            $rules->cams($bank);
        }
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope)
    {
    }

    private function room(Bank $bank): void
    {
        $read = [];
        foreach ($bank->head !== null && ($this->scope->opens($bank->head) || $this->opensBarrel($bank))
            ? $bank->cylinders : [] as $cylinder) {
            array_push($read, ...$this->deck($bank, $cylinder), ...$this->squish($bank, $cylinder));
        }
        if ($read !== [] && $bank->head !== null) {
            $this->plan->step('decide.deck'.$bank->suffix, StepKind::Decide, $bank->head)
                ->named('Thickness of the gaskets decided by what was read')
                ->because('Below the barrel it moves the ports too, above it only the squish.')
                ->after(...$read)
                ->lostWith(...$this->barrelsOf($bank))
                ->deciding(Decision::Thickness)
                ->before('hold.'.$bank->head->id, ...array_map(static fn (Slab $slab): string => 'on.'.$slab->id, $this->gasketsOf($bank)))
                ->takes(5);
        }
    }

    private function opensBarrel(Bank $bank): bool
    {
        return array_filter($bank->cylinders, fn (Cylinder $cylinder): bool => $this->scope->opensBarrelOf($cylinder->id)) !== [];
    }

    /** @return list<Slab> */
    private function barrelsOf(Bank $bank): array
    {
        return array_values(array_filter($this->plan->sheet->stack->all(SlabKind::Barrel),
            fn (Slab $barrel): bool => $bank->head === null || $this->plan->sheet->stack->standsOn($bank->head->id, $barrel->id)));
    }

    /** @return list<Slab> the gaskets between a head and its barrels */
    private function gasketsOf(Bank $bank): array
    {
        return array_values(array_filter($this->scope->slabs(SlabKind::HeadGasket),
            fn (Slab $slab): bool => $bank->head !== null && $this->plan->sheet->stack->standsOn($bank->head->id, $slab->id)));
    }

    /** @return list<string> what comes before anything is done above a barrel */
    private function joined(Bank $bank): array
    {
        return array_merge(...array_map(static fn (Slab $barrel): array => ['turn.'.$barrel->id, 'pull.'.$barrel->id, 'on.'.$barrel->id],
            $this->barrelsOf($bank)), ...[[]]);
    }

    /** @return list<string> */
    private function deck(Bank $bank, Cylinder $cylinder): array
    {
        if ($this->plan->sheet->limitsFor('deck', $cylinder->id) === []) {
            return [];
        }

        return [$this->plan->step('read.deck.'.$cylinder->id, StepKind::Measure,
            $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder->id), $cylinder)
            ->named('Deck height read at top dead centre, over the pin, front and rear')
            ->because('Proud by more than the gasket, it meets the head.')
            ->inTurn(
                'Bare face and crown clean; a dial or the bridge itself finds top dead centre, come up to from the same side each time',
                'Bridge across the face, dial or leaves over the crown: both ends of the pin, then front and rear, where it rocks',
                'A leaf that passes and one that refuses at each point; a bridge that stands on the crown rocks, and that is said as it is',
            )
            ->after(...StepName::toSlab('off', $bank->head), ...$this->joined($bank))
            ->after(...array_map(static fn (Slab $slab): string => 'off.'.$slab->id, $this->gasketsOf($bank)))
            ->reading(SpotsOf::place('deck.'.$cylinder->id), since: $this->lastJoining($bank))
            ->with('bridge', 'depth gauge or dial', 'feeler leaves')
            ->undoneBy(Act::PistonChanged, Act::BaseGasketChanged, Act::OtherCases)
            ->takes(8)->id];
    }

    private function lastJoining(Bank $bank): ?string
    {
        $turns = array_filter(array_map(static fn (Slab $barrel): string => 'turn.'.$barrel->id, $this->barrelsOf($bank)),
            $this->plan->knows(...));

        return array_values($turns)[0] ?? null;
    }

    /** @return list<string> */
    private function squish(Bank $bank, Cylinder $cylinder): array
    {
        if ($this->plan->sheet->limitsFor('squish', $cylinder->id) === []) {
            return [];
        }
        $side = $this->plan->sheet->valveTrain->gear === ValveGear::Side;

        return [$this->plan->step('read.squish.'.$cylinder->id, StepKind::Measure,
            $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder->id), $cylinder)
            ->named('Head on for now, no new joint; '.($side ? 'room over piston and valves' : 'squish').' read on both sides of the pin')
            ->because('The piston rocks: the thinner side decides.')
            ->after(...StepName::toSlab('clean', $bank->head), ...$this->joined($bank))
            ->inTurn(
                'Crown and head clean; '.$this->meanwhile($bank),
                'Soft wire half as thick again as the gap, or clay in small balls, a little grease to hold it: at the edge over both '
                    .'ends of the pin, then front and rear',
                'Head down evenly on as many of its fasteners as will hold it flat; plugs out',
                $this->plan->sheet->crank?->mayTurnBack() === false
                    ? 'By hand on over top dead centre, the allowed way and never back'.$this->chainHeld()
                    : 'By hand past top dead centre and back over it once; stop where it binds'.$this->chainHeld(),
                'Head off, each flat measured where it is thinnest; one that is as thick as it went in is "not crushed"',
            )
            ->bySchool('squish_with')
            ->with('soft wire or clay', 'micrometer')
            ->reading(SpotsOf::place('squish.'.$cylinder->id), since: $this->lastJoining($bank))
            ->undoneBy(Act::PistonChanged, Act::BaseGasketChanged, Act::HeadGasketChanged, Act::OtherCases)
            ->caution('Turned by hand only, plugs out.')
            ->takes(15)->id];
    }

    /** A chain that is loose while the crank turns bunches up at its wheel. */
    private function chainHeld(): string
    {
        $train = $this->plan->sheet->valveTrain;

        return $train->hasChain() && $train->hasCamInHead() ? ', the chain held up' : '';
    }

    /** What lies in the joint of a head that is on for now. */
    private function meanwhile(Bank $bank): string
    {
        $gaskets = $this->gasketsOf($bank);
        $rings = array_filter($gaskets, static fn (Slab $gasket): bool => $gasket->seal === Seal::ORing);

        return match (true) {
            $gaskets === [] => 'nothing between the faces',
            $rings !== [] => 'the grooves empty, or the old O-rings in them',
            default => 'the old gasket between, or none: which, is said on the page of thicknesses',
        };
    }

    private function head(Bank $bank): void
    {
        $head = $bank->head;
        if ($head === null) {
            return;
        }
        if ($this->scope->opens($head)) {
            foreach ($this->gasketsOf($bank) as $gasket) {
                $isBare = $this->plan->sheet->stack->sealOf($gasket) === Seal::Bare;
                $this->plan->step('on.'.$gasket->id, StepKind::Fit, $gasket)
                    ->named($isBare ? $gasket->name.' on clean faces, right way up, every way seen open' : self::laying($gasket))
                    ->because($gasket->seal === Seal::ORing
                        ? 'One left out or nicked leaks from the first heat.' : 'Turned over it shuts a way.')
                    ->after('work.faces', 'off.'.$gasket->id, ...$this->joined($bank),
                        ...array_map(static fn (string $under): string => 'on.'.$under, $gasket->on))
                    ->settling()
                    ->bySchool($gasket->seal === Seal::ORing ? 'o_ring_face' : null)
                    ->spends(...$isBare ? [] : [PartKind::ofHead($gasket->seal)])
                    ->lostWith($gasket, $head)
                    ->takes(4);
            }
            $this->closeHead($bank, $head);
        }
        if ($this->scope->opens($head) || in_array($head, $this->scope->slackened(), true)) {
            $this->pull($bank, $head);
        }
    }

    private static function laying(Slab $gasket): string
    {
        return match ($gasket->seal) {
            Seal::ORing => $gasket->name.' in their grooves, none twisted, none left out',
            Seal::Copper => $gasket->name.', new or annealed, on clean faces, right way up, every way seen open',
            default => 'New '.lcfirst($gasket->name).' laid on clean dry faces, right way up, every way seen open',
        };
    }

    private function closeHead(Bank $bank, Slab $head): void
    {
        $onGaskets = array_map(static fn (Slab $slab): string => 'on.'.$slab->id, $this->gasketsOf($bank));
        $this->plan->step('hold.'.$head->id, StepKind::Hold, $head)
            ->named('Before fitting '.lcfirst($head->name))
            ->because('What is under it cannot be reached afterwards.')
            ->after('work.faces', 'off.'.$head->id, 'on.studs.'.$head->id, ...$onGaskets, ...$this->joined($bank))
            ->asking($this->asks($bank))
            ->takes(3);
        $this->plan->step('on.'.$head->id, StepKind::Fit, $head)
            ->named($head->name.' on, fasteners run in by hand, standing proud alike')
            ->because('Bolts of different length that stand alike are in their places.')
            ->behind('hold.'.$head->id)
            ->after('clean.'.$head->id, 'read.'.$head->id, ...array_map(static fn (string $under): string => 'on.'.$under, $head->on))
            ->settling()
            ->at($head->id)
            ->byTwo(count($head->cylinders) > 2)
            ->takes(12);
    }

    /** @param  bool  $capped  whether its caps go on with it, and not as a part of their own */
    private function camIn(ValveTrain $train, bool $capped): string
    {
        $cams = $train->camsInWords();
        $in = $train->camEntry === CamEntry::Caps
            ? "Pistons where no valve can meet them; $cams in at ".($cams === 'cam' ? 'its' : 'their').' marks, lobes and journals oiled'
            : ucfirst($cams).' in through '.($cams === 'cam' ? 'its wheel at its' : 'their wheels at their')
                .' marks, lobes and journals oiled';

        return $in.($capped && ! self::isFirstChained($train) ? '; '.self::CAPS : '');
    }

    /** Whether the chain has to be over its wheel before the caps draw the cam down: it has no link to open, and the wheel stays on. */
    private static function isFirstChained(ValveTrain $train): bool
    {
        return $train->hasChain() && $train->camEntry === CamEntry::Caps && ! $train->splitChain && ! $train->boltedWheel;
    }

    /** @return list<string|null> */
    private function asks(Bank $bank): array
    {
        $train = $this->plan->sheet->valveTrain;
        $chain = $train->hasChain() && $train->hasCamInHead();
        $flat = $this->gasketsOf($bank);
        $rings = array_filter($flat, static fn (Slab $gasket): bool => $gasket->seal === Seal::ORing);

        return [
            'Dowels in on both sides'.($flat === [] || $rings !== [] ? '' : ', gasket flat on them'),
            $rings === [] ? null : 'Every O-ring in its groove, counted, none twisted',
            $chain ? 'Front chain guide in its slot, seated at both ends' : null,
            $chain ? 'Chain up through the tunnel and held' : null,
            $this->asksOfHoles($bank),
            'Bores and crowns wiped, nothing on the crowns',
            $this->hasClipsAbove() ? 'Both circlips of every piston were seated and turned in their grooves' : null,
        ];
    }

    /** Whether the pistons came down an upper case that was closed before: what asks for their clips is the head. */
    private function hasClipsAbove(): bool
    {
        return $this->plan->sheet->piston->circlips && $this->scope->isUpperCase() && $this->scope->boresAreRead()
            && ! $this->scope->fromPieces;
    }

    /** Oil locked under a bolt splits the casting; a nut on a stud has no hole to lock it in. */
    private function asksOfHoles(Bank $bank): ?string
    {
        $fasteners = $bank->head === null ? [] : $this->plan->sheet->stack->fastenersOf($bank->head->id);
        $bolts = array_filter($fasteners, static fn (Fastener $fastener): bool => $fastener->kind === 'bolt');

        return match (true) {
            $fasteners === [] => 'Where bolts hold it: their holes dry, for oil under a bolt splits the casting',
            $bolts !== [] => 'Bolt holes dry: oil under a bolt splits the casting',
            default => null,
        };
    }

    private function pull(Bank $bank, Slab $head): void
    {
        $shared = array_values(array_filter(array_map($this->plan->sheet->stack->named(...), $head->pulledAfter)));
        $isOff = $this->scope->opens($head);
        $this->plan->step('pull.'.$head->id, StepKind::Torque, $head)
            ->named($isOff ? $head->name.' torqued in its stages, in its order, checked once round'
                : $head->name.' torqued anew in its stages: what shares its fasteners was off, and its gasket has been eased')
            ->because($isOff
                ? 'One bolt eases its neighbours: the check pass finds it.'
                : 'A gasket that was eased is asked about first: weeping or moved, the head comes off.')
            ->after('on.'.$head->id, ...array_map(static fn (Slab $slab): string => 'on.'.$slab->id, $shared))
            ->torquing(...$this->clampedBy($head))
            ->bySchool('head_bolts')
            ->with('torque wrench')
            ->undoneBy(Act::HeadSlackened)
            ->lostWith($head, ...$shared)
            ->takes(15);
    }

    /** @return list<string> the slabs that have their torque with this pull */
    private function clampedBy(Slab $pulled): array
    {
        return array_column(array_filter($this->plan->sheet->stack->slabs,
            fn (Slab $slab): bool => $this->plan->sheet->stack->clampOf($slab)?->id === $pulled->id), 'id');
    }

    private function cams(Bank $bank): void
    {
        $train = $this->plan->sheet->valveTrain;
        if (! $this->scope->camsAreOut($bank)) {
            return;
        }
        $suffix = $bank->suffix;
        $stack = $this->plan->sheet->stack;
        $lost = [...$bank->holders, $bank->head];
        $holders = array_values(array_filter($bank->holders, $this->scope->opens(...)));
        $sharing = array_filter($holders, static fn (Slab $holder): bool => in_array($holder->id, $bank->head->pulledAfter ?? [], true));
        $pulled = $this->scope->pullOfHead($bank, [...$holders, ...$bank->boxes, ...$bank->covers]);
        $caps = array_values(
            array_map(static fn (Slab $holder): string => 'pull.'.$holder->id, array_filter($holders, $stack->isPulled(...))));
        $draws = $sharing === [] ? $caps : StepName::toSlab('pull', $bank->head);
        $on = $bank->holders[0] ?? $bank->head;
        $isCapped = $holders === [] || $holders[0]->id === 'cam';

        if ($train->camEntry !== CamEntry::StaysInHead) {
            $this->plan->step('on.cam'.$suffix, StepKind::Fit, $on)
                ->named($this->camIn($train, $isCapped))
                ->because('A valve must not meet a piston while the '.($train->camsInWords() === 'cam' ? 'cam goes' : 'cams go').' in.')
                ->after('on.shims'.$suffix, 'read.cam'.$suffix, 'off.cam'.$suffix, 'off.trays'.$suffix,
                    ...StepName::toSlab('on', $bank->head))
                ->after(...$train->camEntry === CamEntry::Caps ? $pulled : [])
                ->lostWith(...$lost)
                ->before(...array_map(static fn (Slab $over): string => 'hold.'.$over->id,
                    array_filter([...$holders, ...$bank->boxes], static fn (Slab $over): bool => $over->id !== 'cam')))
                ->uses('assembly lube on lobes and journals')
                ->undoneBy(Act::CamOut)
                ->takes(15);
        }
        if ($train->hasChain()) {
            $this->chain($bank, $on, $lost, $caps, $draws)
                ->named(match (true) {
                    $train->splitChain => 'Chain joined over its wheel at the marks, link closed and seen closed',
                    $isCapped && self::isFirstChained($train) => 'Chain over its wheel at the marks, driven side tight; then '.self::CAPS,
                    default => 'Chain over its wheel at the marks, driven side tight',
                });
        }
        $this->plan->step('time.cam'.$suffix, StepKind::Time, $on)
            ->turning()
            ->named($train->hasChain()
                ? 'Crank at its mark, driven side of the chain tight, cam marks level with the edge' : 'Gears meshed at their marks')
            ->because('A tooth is a great deal of crank.')
            ->after('on.chain'.$suffix, 'on.cam'.$suffix, 'on.tensioner'.$suffix, ...$caps, ...$draws)
            ->after(...$train->boltByTurning ? [] : ['pull.wheel'.$suffix])
            ->before(...$train->boltByTurning ? ['pull.wheel'.$suffix] : [])
            ->lostWith(...$lost)
            ->undoneBy(Act::CamOut, Act::OtherCases, Act::PistonMetValve, ...$this->movedByHeight())
            ->takes(8);
        $this->plan->step('turn.timing'.$suffix, StepKind::Time, $on)
            ->turning()
            ->named('Two full turns by hand, the allowed way, every mark read again')
            ->because('What stands right after two turns is right.')
            ->after('time.cam'.$suffix, 'on.tensioner'.$suffix, 'pull.wheel'.$suffix,
                ...$this->scope->pullOfHead($bank, [...$bank->covers, ...$this->scope->marksBehind($bank)]),
                ...$caps, ...array_map(static fn (Slab $holder): string => 'on.'.$holder->id, $holders))
            ->before(...array_map(static fn (Slab $cover): string => 'hold.'.$cover->id,
                [...$bank->covers, ...$this->scope->marksBehind($bank)]))
            ->lostWith(...$lost)
            ->undoneBy(Act::CamOut, Act::OtherCases, Act::PistonMetValve, ...$this->movedByHeight())
            ->with($this->plan->crankTurner())
            ->caution($this->plan->turningCaution())
            ->takes(6);
    }

    /**
     * @param  list<Slab|null>  $lost
     * @param  list<string>  $caps  the pulls of what holds the cams
     * @param  list<string>  $draws  the pulls that draw the caps down
     */
    private function chain(Bank $bank, ?Slab $on, array $lost, array $caps, array $draws): StepDraft
    {
        $train = $this->plan->sheet->valveTrain;
        $suffix = $bank->suffix;
        $chain = $this->plan->step('on.chain'.$suffix, StepKind::Time, $on)
            ->because('A link or a tooth out is a great deal of crank.')
            ->after('off.cam'.$suffix, ...StepName::toSlab('on', $bank->head))
            ->lostWith(...$lost)
            ->undoneBy(Act::CamOut, Act::OtherCases, Act::PistonMetValve, ...$this->movedByHeight())
            ->takes(10);
        if ($train->boltByTurning) {
            $chain->owing('a bolt of the cam wheel', 'it comes within reach only when the crank is turned, the others are snug',
                'turn.timing'.$suffix);
        }
        match (true) {
            $train->camEntry === CamEntry::ThroughWheel => $chain->before('on.cam'.$suffix),
            $train->camEntry === CamEntry::StaysInHead => $chain
                ->after(...$this->scope->pullOfHead($bank, [...$bank->boxes, ...$bank->covers])),
            $train->splitChain => $chain->after('on.cam'.$suffix, ...$draws === [] ? [] : [...$caps, ...$draws]),
            default => $chain->after('on.cam'.$suffix)->before(...$train->boltedWheel ? [] : $draws),
        };
        if ($train->boltedWheel) {
            $this->plan->step('pull.wheel'.$suffix, StepKind::Torque, $on)
                ->named('Cam wheel on its dowel, its bolts torqued and locked as the maker says')
                ->because('A wheel that works loose takes the timing with it.')
                ->after('on.chain'.$suffix, 'on.cam'.$suffix, ...$caps, ...$draws)
                ->lostWith(...$lost)
                ->undoneBy(Act::CamOut)
                ->with('torque wrench')
                ->takes(6);
        }
        // let go over a loose cam or wheel it pulls the chain off its tooth
        ValveRules::tensioner($this->plan, 'on.tensioner'.$suffix, $on)
            ->after('on.chain'.$suffix, 'on.cam'.$suffix, 'off.tensioner'.$suffix, ...$caps, ...$draws)
            ->after(...$train->boltByTurning ? [] : ['pull.wheel'.$suffix])
            ->lostWith(...$lost);

        return $chain;
    }

    /**
     * A chain that a gasket makes longer or shorter moves the cam; gears do not.
     *
     * @return list<Act>
     */
    private function movedByHeight(): array
    {
        return $this->plan->sheet->valveTrain->hasChain() ? [Act::BaseGasketChanged, Act::HeadGasketChanged] : [];
    }
}
