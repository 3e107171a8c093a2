<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Lubrication;
use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Sheet\RingKind;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Sheet\Worked;

/**
 * Rings, pistons and barrels: lowered over the pistons, with the pistons pushed in on the bench, or bores in the upper case
 * with the pistons from above. Source: shop practice.
 */
final readonly class JoiningRules
{
    private const CLIP = 'Eye protection: a circlip can fly.';

    public static function write(PlanBuilder $plan): void
    {
        $rules = new self($plan, $plan->scope, $plan->sheet->barrel->joining);
        if ($plan->scope->boresAreRead()) {
            array_map($rules->rings(...), $plan->sheet->layout->cylinders);
            array_map($rules->piston(...), $plan->sheet->layout->cylinders);
        }
        $rules->crank();
        array_map($rules->barrel(...), $plan->scope->slabs(SlabKind::Barrel));
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope, private Joining $joining)
    {
    }

    private function rings(Cylinder $cylinder): void
    {
        $barrel = $this->barrelOf($cylinder);
        /** @var list<array{string, Ring}> $oil */
        $oil = [];
        /** @var list<array{string, Ring}> $rest */
        $rest = [];
        foreach (array_reverse($this->plan->sheet->piston->rings) as $ring) {
            $id = 'on.ring.'.$ring->id.'.'.$cylinder->id;
            $ring->kind === RingKind::Compression ? array_push($rest, [$id, $ring]) : array_push($oil, [$id, $ring]);
        }
        $isRail = static fn (Ring $ring): bool => $ring->kind === RingKind::OilRail;
        usort($oil, static fn (array $one, array $other): int => $isRail($one[1]) <=> $isRail($other[1]));
        $rails = [];
        $first = ['work.gaps.'.$cylinder->id, 'work.piston.'.$cylinder->id];
        foreach ($oil as [$id, $ring]) {
            $this->ring($id, $ring, $cylinder, $barrel)->after(...$ring->kind === RingKind::OilRail && $rails !== [] ? $rails : $first);
            if ($ring->kind !== RingKind::OilRail) {
                $rails = [$id];
            }
        }
        $last = $oil === [] ? $first : array_column($oil, 0);
        foreach ($rest as [$id, $ring]) {
            $this->ring($id, $ring, $cylinder, $barrel)->after(...$last);
            $last = [$id];
        }
    }

    private function ring(string $id, Ring $ring, Cylinder $cylinder, ?Slab $barrel): StepDraft
    {
        return $this->plan->step($id, StepKind::Fit, $barrel, $cylinder)
            ->named(ucfirst($ring->name).' on'.($ring->mark === null ? '' : ', '.$ring->mark))
            ->because($this->whyRing($ring))
            ->at($cylinder->id, $ring->id)
            ->lostWith(...$this->joining === Joining::Lowered ? [] : [$barrel])
            ->takes(2);
    }

    private function whyRing(Ring $ring): string
    {
        $isTwoStroke = $this->plan->sheet->layout->cycle === Cycle::TwoStroke;

        return match (true) {
            $ring->kind === RingKind::Expander => 'Its ends butt and never overlap; an overlapped expander has no tension.',
            $ring->kind === RingKind::OilRail => 'A rail is walked on by hand; it carries no mark unless the maker says so.',
            $ring->kind === RingKind::OilOnePiece => 'The spring first, its joint opposite the gap; then the ring over it.',
            $ring->peg !== null => 'Gap over the '.$ring->peg.' peg; a mark shows which face goes up.',
            $isTwoStroke => 'The lowest groove first, so that no ring is stretched over another; a mark faces up.',
            default => 'The lowest groove first, so that no ring is stretched over another; upside down it pumps oil.',
        };
    }

    private function barrelOf(Cylinder $cylinder): ?Slab
    {
        return $this->plan->sheet->stack->slab(SlabKind::Barrel, $cylinder->id);
    }

    private function piston(Cylinder $cylinder): void
    {
        $id = $cylinder->id;
        $barrel = $this->barrelOf($cylinder);
        $ringed = [...$this->plan->every('on.ring'), 'work.piston.'.$id, 'work.gaps.'.$id];
        $ringed = array_filter($ringed, static fn (string $step): bool => StepName::of($step)->isAt($id));
        $isLowered = $this->joining === Joining::Lowered;
        $isUpper = $this->joining === Joining::UpperCase;
        $lost = $isLowered ? [] : [$barrel];
        if ($this->plan->sheet->piston->circlips) {
            $this->clip('on.clip-first.'.$id, $cylinder)
                ->named($this->joining === Joining::IntoBarrel
                    ? 'Inner circlip in; the outer side stays open for the pin' : 'First circlip in, on the side away from the open one')
                ->because($isLowered

                        ? 'With one clip in at the bench only one is left to fit over the open cases.'
                        : 'It stops the pin that comes from the other side.')
                ->after('work.piston.'.$id)
                ->spends(PartKind::Circlips)
                ->lostWith(...$isUpper ? [] : $lost);
            $this->clip('on.clip-second.'.$id, $cylinder)
                ->named(($isUpper ? '' : 'Case mouth covered, ').($isUpper
                    ? 'Second' : 'second').' circlip in, pressed, turned in its groove')
                ->because('A clip that turns is seated all the way round'.($isUpper
                    ? '.' : '; a covered mouth catches the one that flies.'))
                ->after('on.pin.'.$id)
                ->lostWith(...$isUpper ? [] : $lost);
        }
        $this->plan->step('on.pin.'.$id, StepKind::Fit, $barrel, $cylinder)
            ->named(match (true) {
                ! $this->plan->sheet->piston->circlips => 'Pin pressed in with the rod held square, depth read at both ends',
                $this->plan->sheet->hasSmallEndCage() => 'Small-end cage oiled and in its eye, pin pushed in by hand from the open side',
                default => 'Pin and bush oiled, pin pushed in by hand from the open side',
            })
            ->because(match (true) {
                ! $this->plan->sheet->piston->circlips => 'A pressed pin that stands out scores the bore.',
                $this->plan->sheet->hasSmallEndCage() => 'A cage left out is found by the noise; a pin that must be driven is wrong.',
                default => 'A pin that must be driven is wrong.',
            })
            ->spends(...$this->plan->sheet->piston->circlips && $this->plan->sheet->hasSmallEndCage() ? [PartKind::SmallEndCage] : [])
            ->uses($this->plan->sheet->piston->circlips ? 'running oil on pin and small end' : null)
            ->lostWith(...$isUpper ? [] : $lost)
            ->takes(4)
            ->after(...$isUpper ? ['on.clip-first.'.$id, 'look.rod.'.$id, 'work.piston.'.$id] : ['on.piston.'.$id]);
        $on = $this->plan->step('on.piston.'.$id, StepKind::Fit, $barrel, $cylinder)
            ->because($this->plan->sheet->piston->mark === 'either way' ? 'A piston that has run goes back the way round it ran.'
                : 'A pin offset or a port cut-out works only one way round.')
            ->after('on.clip-first.'.$id, 'look.rod.'.$id, 'off.piston.'.$id, ...$ringed)
            ->lostWith(...$lost)
            ->takes(5);
        match ($this->joining) {
            Joining::Lowered => $on->named('Piston on its rod'.$this->mark()),
            Joining::IntoBarrel => $on
                ->named($this->oiled('gaps placed; piston into its bore from below on the bench'.$this->mark().', pin eye left showing'))
                ->after('work.wash.'.$id)
                ->bySchool('bore_assembly')->with('ring compressor that opens')->takes(6),
            Joining::UpperCase => $on->named($this->oiled('gaps placed; piston down its bore through the compressor'.$this->mark()))
                ->after('on.clip-second.'.$id, 'on.pin.'.$id, 'work.wash.'.$id, ...$this->scope->fromPieces || $barrel === null
                    ? [] : ['on.'.$barrel->id, 'pull.'.$barrel->id])
                ->bySchool('bore_assembly')->with('ring compressor')->caution('Tapped, never driven: a stop is a ring under the deck.')
                ->takes(6),
        };
        if ($this->joining === Joining::IntoBarrel) {
            $this->plan->step('on.pin.'.$id, StepKind::Fit, $barrel, $cylinder)->leavingLoose()
                ->after(...array_map(static fn (Slab $slab): string => 'on.'.$slab->id, $this->gasketsUnder($barrel)));
        }
        if ($this->scope->capsAreOff()) {
            $this->shell($cylinder);
            $this->plan->step('on.rod-cap.'.$id, StepKind::Torque, null, $cylinder)
                ->named(($this->scope->fromPieces ? 'Rod cap' : 'From below: rod cap')
                    .' on its own rod, marks together, shells oiled, torqued in its stages')
                ->because('A cap fits one rod, one way; the rod must still fall by its own weight.')
                ->after('on.piston.'.$id, 'on.crank')
                ->lostWith($barrel)
                ->spends(PartKind::RodBolts)
                ->with('torque wrench')
                ->uses('assembly lube on the shells')
                ->takes(8);
        }
    }

    /** A plain big end that was opened is proved by a crushed strip before its cap goes on for good. */
    private function shell(Cylinder $cylinder): void
    {
        if ($this->plan->sheet->crank?->plain !== true) {
            return;
        }
        $this->plan->step('read.shell.'.$cylinder->id, StepKind::Measure, null, $cylinder)
            ->named('Oil clearance of the big end read by a crushed strip, its cap at its torque')
            ->because('A film of oil is all that carries here, and a shell looks the same a size out.')
            ->inTurn(
                'Journal and shell dry and clean, strip along the journal, off its oil hole',
                'Cap on its marks and at its full torque, the crank not turned',
                'Cap off, the strip read at its widest against its scale, and wiped off',
            )
            ->after('on.piston.'.$cylinder->id, 'on.crank')
            ->before('on.rod-cap.'.$cylinder->id)
            ->lostWith($this->barrelOf($cylinder))
            ->reading(SpotsOf::place('big_end_oil_clearance.'.$cylinder->id))
            ->with('plastic strip', 'torque wrench')
            ->takes(12);
    }

    private function clip(string $id, Cylinder $cylinder): StepDraft
    {
        return $this->plan->step($id, StepKind::Fit, $this->barrelOf($cylinder), $cylinder)->bySchool('circlip_gap')
            ->undoneBy(Act::PistonChanged)->caution(self::CLIP)->takes(3);
    }

    /** By the shop's own method: dry is dry in the words too. */
    private function oiled(string $then): string
    {
        return ($this->isDry() ? 'Bore and rings wiped dry, ' : 'Bore and rings oiled, ').$then;
    }

    private function isDry(): bool
    {
        return $this->plan->school('bore_assembly') === 'dry';
    }

    private function mark(): string
    {
        return $this->plan->sheet->piston->mark === null ? '' : ', '.$this->plan->sheet->piston->mark;
    }

    /** @return list<Slab> */
    private function gasketsUnder(?Slab $barrel): array
    {
        return $barrel === null ? [] : array_values(array_filter(
            $this->scope->slabs(SlabKind::BaseGasket),
            fn (Slab $slab): bool => $this->plan->sheet->stack->standsOn($barrel->id, $slab->id),
        ));
    }

    private function crank(): void
    {
        if (! $this->scope->fromPieces || ! $this->scope->isUpperCase() || $this->scope->slabs(SlabKind::Barrel) === []) {
            return;
        }
        $this->plan->step('on.crank', StepKind::Fit, null)
            ->named('Crank laid in with its shells oiled, thrust washers in, turned once')
            ->because('What binds now binds for good.')
            ->after('read.crank', ...$this->plan->every('on.piston'))
            ->uses('assembly lube on the shells')
            ->takes(15);
    }

    private function barrel(Slab $barrel): void
    {
        $gaskets = $this->gasketsUnder($barrel);
        $of = static fn (string $step): array => array_map(static fn (string $cylinder): string => $step.'.'.$cylinder, $barrel->cylinders);
        foreach ($gaskets as $gasket) {
            $this->gasket($gasket, $barrel);
        }
        $inFrame = $this->plan->basis->worked() === Worked::Frame;
        $isUpper = $this->joining === Joining::UpperCase;
        $this->plan->step('hold.'.$barrel->id, StepKind::Hold, $barrel)
            ->named(match ($this->joining) {
                Joining::UpperCase => 'Before the cases close',
                Joining::IntoBarrel => 'Before the '.$this->plan->called($barrel).' is let down',
                Joining::Lowered => 'Before lowering the '.$this->plan->called($barrel),
            })
            ->because('What is under it cannot be reached afterwards.')
            ->after(...$of('work.wash'),
                ...['look.jets', 'work.faces', 'off.'.$barrel->id, 'clean.'.$barrel->id, 'on.studs.'.$barrel->id])
            ->after(...$isUpper ? [] : [...$of('on.clip-second'), ...$of('on.pin'), ...$of('on.piston')])
            ->after(...$this->scope->fromPieces ? $of('on.rod-cap') : [])
            ->after(...array_map(static fn (Slab $gasket): string => 'on.'.$gasket->id, $gaskets))
            ->asking($this->asks($barrel))
            ->bySchool('worked')
            ->lostWith($barrel)
            ->takes(3);
        $stages = $this->joining === Joining::Lowered ? $this->stages($barrel) : [];
        foreach ($stages as $id => $cylinders) {
            $this->stage($id, $barrel, $cylinders, $inFrame);
        }
        $on = $this->plan->step('on.'.$barrel->id, StepKind::Fit, $barrel)
            ->behind('hold.'.$barrel->id)
            ->after(...array_map(strval(...), array_keys($stages)))
            ->settling()
            ->at($barrel->id)
            ->takes(10);
        match ($this->joining) {
            Joining::Lowered => $on->named($stages === []
                ? $this->oiled('barrel down over the '.(count($barrel->cylinders) > 1 ? 'pistons' : 'piston'))
                : 'Clamps and props out, barrel seated on its dowels')
                ->because('It must slide under its own weight; anything that stops it is a ring out of place.')
                ->bySchool('bore_assembly')
                ->byTwo($inFrame && count($barrel->cylinders) > 1)
                ->with($inFrame ? 'ring clamp that opens to the side' : 'ring clamp')
                ->caution('Fingers clear of the skirt and the cases.'),
            Joining::IntoBarrel => $on->named('Props out, barrel let down on its dowels')
                ->because($this->plan->sheet->piston->circlips ? 'It has hung on its rods until every pin and clip was in.'
                    : 'It has hung on its rods until every pin was in.')
                ->byTwo(count($barrel->cylinders) > 1)
                ->caution('Fingers clear of the cases.'),
            Joining::UpperCase => $on->named($barrel->seal === Seal::Sealant
                    ? 'Upper case on while the sealant is wet, run down evenly'
                    : 'Upper case on its dowels, joint dressed as the maker says, run down evenly')
                ->because($barrel->seal === Seal::Sealant
                    ? 'A bead that has skinned holds the cases apart.' : 'A case that is pulled down on one side binds its shafts.')
                ->uses($barrel->seal === Seal::Sealant ? 'sealant in a thin bead, kept off the oil ways' : null)
                ->caution('Rods guided up their mouths, none left leaning.')
                ->takes(15),
        };
        $pull = $this->plan->sheet->stack->isPulled($barrel) ? ['pull.'.$barrel->id] : [];
        $this->plan->step('turn.'.$barrel->id, StepKind::Fit, $barrel)
            ->turning()
            ->named(($this->joining === Joining::UpperCase ? 'Crank' : 'Barrel held down, crank')
                .' turned two full turns by hand'.($this->joining === Joining::Lowered
                && count($barrel->cylinders) > 1 ? ', ring clamps seen out' : '').self::chain($this->plan))
            ->because('A catch now is '.($this->plan->sheet->piston->circlips ? 'a ring, a clip or a rag' : 'a ring or a rag')
                .'. It costs minutes here and an engine later.')
            ->after('on.'.$barrel->id, ...$pull, ...$of('on.rod-cap'), ...$of('on.piston'))
            ->with($this->plan->crankTurner())
            ->caution($this->plan->turningCaution())
            ->takes(4);
    }

    private static function chain(PlanBuilder $plan): string
    {
        return $plan->sheet->valveTrain->drive === CamDrive::Chain && $plan->sheet->valveTrain->hasCamInHead() ? ', the chain held up' : '';
    }

    private function gasket(Slab $gasket, Slab $barrel): void
    {
        $seal = $this->plan->sheet->stack->sealOf($gasket);
        $step = $this->plan->step('on.'.$gasket->id, StepKind::Fit, $gasket)
            ->after('work.faces', 'off.'.$gasket->id, ...array_map(static fn (string $under): string => 'on.'.$under, $gasket->on))
            ->settling()
            ->lostWith($gasket, $barrel)
            ->takes(4);
        match ($seal) {
            Seal::Bare => $step
                ->named('Cover off the mouth, '.lcfirst($gasket->name).' down on clean faces, right way up, every hole seen open')
                ->because('It is no gasket and goes back; turned over it shuts a way.'),
            Seal::ORing => $step->named('Cover off the mouth, '.lcfirst($gasket->name).' in their grooves, none twisted, none left out')
                ->because('One left out or nicked leaks from the first heat.')->bySchool('o_ring_face')->spends(PartKind::ORings),
            default => $step->named('Cover off the mouth, '.lcfirst($gasket->name).' down, new, every hole seen open')
                ->because('A crushed gasket does not seal twice, and one turned over shuts a way.')
                ->bySchool('base_gasket')->spends(PartKind::BaseGasket),
        };
    }

    /** @return array<string, list<Cylinder>> the groups of pistons that stand level, by the step that lowers the barrel over them */
    private function stages(Slab $barrel): array
    {
        $groups = [];
        foreach ($this->plan->sheet->layout->cylinders as $cylinder) {
            if ($barrel->serves($cylinder->id)) {
                $phase = sprintf('%.3f', fmod(fmod($cylinder->phase, 360) + 360, 360));
                $groups[$phase][] = $cylinder;
            }
        }
        $stages = [];
        foreach (count($groups) > 1 ? $groups : [] as $level) {
            $stages['on.'.$barrel->id.'.'.implode('.', array_column($level, 'id'))] = $level;
        }

        return $stages;
    }

    /** @param  list<Cylinder>  $cylinders */
    private function stage(string $id, Slab $barrel, array $cylinders, bool $inFrame): void
    {
        $names = implode(' and ', array_column($cylinders, 'name'));
        $this->plan->step($id, StepKind::Fit, $barrel)
            ->named(ucfirst($names).' at top dead centre: rings '.($this->isDry() ? 'dry' : 'oiled')
                .' and clamped, barrel let down over '.(count($cylinders) > 1
                ? 'them' : 'it')
                .', clamp out'.self::fished($this->plan))
            ->because('Pistons that stand level go in together; the others are turned up to meet the barrel.')
            ->after('hold.'.$barrel->id)
            ->at(...array_column($cylinders, 'id'))
            ->bySchool('bore_assembly')
            ->with($inFrame ? 'ring clamp that opens to the side' : 'ring clamp', $this->plan->crankTurner())
            ->byTwo(count($cylinders) > 1)
            ->caution('Fingers clear of the skirt and the cases; the barrel is held while the crank turns.')
            ->takes(8);
    }

    private static function fished(PlanBuilder $plan): string
    {
        return self::chain($plan) === '' ? '' : '; the chain fished up through its tunnel before the barrel is too low';
    }

    /** @return list<string|null> */
    private function asks(Slab $barrel): array
    {
        $sheet = $this->plan->sheet;
        $mark = $sheet->piston->mark ?? 'either way';
        $isUpper = $this->joining === Joining::UpperCase;
        $hasPistons = $this->scope->boresAreRead() && (! $isUpper || $this->scope->fromPieces);
        $chain = self::chain($this->plan) !== '';
        $isPegged = array_filter($sheet->piston->rings, static fn (Ring $ring): bool => $ring->peg !== null) !== [];
        $gapped = $isPegged ? 'Every ring gap at its peg' : 'Ring gaps placed as chosen, none moved';
        $mouths = count($barrel->cylinders) > 1 ? 'every mouth' : 'the mouth';

        return [
            $isUpper ? 'Dowels and oil-way O-rings in' : 'Dowels in, O-rings of the base joint in where it has them',
            $isUpper ? null : $gapped,
            $hasPistons && $sheet->piston->circlips ? 'Both circlips seated and turned in their grooves' : null,
            $isUpper || $mark === 'either way' ? null : 'Every piston: '.$mark,
            $this->scope->boresAreRead() ? 'Bore washed until a white cloth stayed clean'.($this->isDry() ? ', wiped dry' : ', oiled')
                : 'Bore wiped clean'.($this->isDry() ? ' and dry' : ' and oiled'),
            $chain ? 'Chain reaches up through the tunnel and is tied, rear guide in its slot' : null,
            $this->plan->knows('on.exhaust-valve') && $sheet->exhaustValve?->isReachedFromOutside === false
                ? 'Exhaust valve opens and closes fully by finger' : null,
            $sheet->exhaustValveBlanked ? 'Blanking plates over the ways of the exhaust valve, sealed, their screws locked' : null,
            $sheet->lubricating->by === Lubrication::Pressure ? 'Jets and oil ways seen clear' : null,
            $this->heldClear($barrel),
            $isUpper ? 'Rags and props out of the cases' : 'Rags, props and covers out of '.$mouths,
        ];
    }

    /** What swings into an open mouth of another column while this one is turned. */
    private function heldClear(Slab $barrel): ?string
    {
        $others = array_filter($this->plan->sheet->stack->all(SlabKind::Barrel),
            static fn (Slab $other): bool => $other->id !== $barrel->id);
        if ($others === []) {
            return null;
        }
        $chain = self::chain($this->plan) === '' ? '' : ', its chain too';

        return 'While this one is turned: rod and piston of each other open cylinder held clear of its mouth'.$chain;
    }
}
