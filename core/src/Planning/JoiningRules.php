<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\CamDrive;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Joining;
use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Sheet\RingKind;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\Worked;

/**
 * Pistons, rings and barrel, in the way this engine joins them. Rings go on from the lowest groove up, so that none is
 * stretched over another; the crank is turned by hand before anything closes over the joint. Source: shop practice.
 */
final class JoiningRules
{
    private const CLIP = 'Eye protection: a circlip can fly.';

    public static function write(PlanBuilder $plan): void
    {
        $ringed = array_map(static fn (Cylinder $cylinder): string => self::rings($plan, $cylinder), $plan->sheet->layout->cylinders);
        match ($plan->sheet->barrel->joining) {
            Joining::Lowered => self::lowered($plan, $ringed),
            Joining::IntoBarrel => self::intoBarrel($plan, $ringed),
            Joining::UpperCase => self::fromAbove($plan, $ringed),
        };
        self::turn($plan);
    }

    private static function turn(PlanBuilder $plan): void
    {
        $joining = $plan->sheet->barrel->joining;
        $clamps = $joining === Joining::Lowered && $plan->sheet->layout->hasSeveral();
        $turned = 'crank turned two full turns by hand'.($clamps ? ', ring clamps out' : '');
        $plan->step('turned', StepKind::Fit, SlabKind::Barrel)
            ->named($joining === Joining::UpperCase ? $turned : 'Barrel held down, '.$turned)
            ->because('A catch now is a ring, a clip or a rag. It costs minutes here and an engine later.')
            ->after('barrel-down', ...$plan->every('circlip-second'))->after(...$plan->every('cap-on'))
            ->with($plan->crankTurner())
            ->caution('Hands clear while turning.')
            ->takes(4);
    }

    /** @return string the last ring's step */
    private static function rings(PlanBuilder $plan, Cylinder $cylinder): string
    {
        $last = ['gaps-filed.'.$cylinder->id, 'piston-ready.'.$cylinder->id];
        foreach (array_reverse($plan->sheet->piston->rings) as $ring) {
            $last = [$plan->step('ring-on.'.$ring->id, StepKind::Fit, SlabKind::Barrel, $cylinder)
                ->named(ucfirst($ring->name).' on'.($ring->mark === null ? '' : ', '.$ring->mark))
                ->because(self::whyRing($ring))
                ->after(...$last)
                ->at($cylinder->id, $ring->id)
                ->lostWith(self::keptWith($plan))
                ->takes(2)->id];
        }

        return $last[0];
    }

    /** Pistons stay on their rods when a lowered barrel is lifted; otherwise they come with it. */
    private static function keptWith(PlanBuilder $plan): SlabKind
    {
        return $plan->sheet->barrel->joining === Joining::Lowered ? SlabKind::Case : SlabKind::Barrel;
    }

    /** @param  list<string>  $ringed */
    private static function lowered(PlanBuilder $plan, array $ringed): void
    {
        $ends = [];
        foreach ($plan->sheet->layout->cylinders as $index => $cylinder) {
            $first = self::firstClip($plan, $cylinder)
                ->named('First circlip in, on the side away from the open one')
                ->because('With one clip in at the bench only one is left to fit over the open cases.')
                ->after($ringed[$index])
                ->lostWith(SlabKind::Case)->id;
            $on = $plan->step('piston-on', StepKind::Fit, SlabKind::Barrel, $cylinder)
                ->named('Piston on the rod'.self::mark($plan).'; pin oiled and pushed in')
                ->because('A pin offset or a port cut-out works only one way round.')
                ->after($first, 'rod-felt.'.$cylinder->id, 'mouths-covered')
                ->lostWith(SlabKind::Case)
                ->uses('running oil on the pin')
                ->takes(5)->id;
            $ends[] = self::secondClip($plan, $cylinder)
                ->named('Cases covered, second circlip in and turned in its groove')
                ->because('A clip that turns is seated all the way round; a covered mouth catches the one that flies.')
                ->after($on)
                ->lostWith(SlabKind::Case)->id;
        }
        self::join($plan, self::baseGasket($plan, $ends), $ends)
            ->named('Bore and rings oiled, barrel down over the '.(count($ends) > 1 ? 'pistons, the highest first' : 'piston'))
            ->because('It must slide under its own weight; anything that stops it is a ring out of place.');
    }

    /** @param  list<string>  $ringed */
    private static function intoBarrel(PlanBuilder $plan, array $ringed): void
    {
        $placed = self::gaps($plan, $ringed);
        $ends = [];
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $first = self::firstClip($plan, $cylinder)
                ->named('Inner circlip in')
                ->because('The outer side stays open for the pin.')
                ->after('piston-ready.'.$cylinder->id)->id;
            $ends[] = $plan->step('piston-in', StepKind::Fit, SlabKind::Barrel, $cylinder)
                ->named('Piston into its bore from below on the bench'.self::mark($plan).', pin eye left showing')
                ->because('On the bench every ring can be seen going in.')
                ->after($placed, $first)
                ->with('ring compressor that opens')
                ->takes(6)->id;
        }
        self::join($plan, self::baseGasket($plan, $ends), [...$ends, ...$plan->every('rod-felt')])
            ->named('Bore and rings oiled, barrel with its pistons lowered to the rods')
            ->because('Rods stand up by props; the barrel is held until every pin is in.')
            ->byTwo();
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $in = $plan->step('pin-in', StepKind::Fit, SlabKind::Barrel, $cylinder)
                ->named('Pin oiled and pushed in from the open side')
                ->because('From the open side, by hand: a pin that must be driven is wrong.')
                ->after('barrel-down')
                ->uses('running oil on the pin')
                ->takes(5)->id;
            self::secondClip($plan, $cylinder)
                ->named('Cases covered, open-side circlip in and turned in its groove')
                ->because('A clip that turns is seated all the way round.')
                ->after($in);
        }
    }

    private static function firstClip(PlanBuilder $plan, Cylinder $cylinder): StepDraft
    {
        return $plan->step('circlip-first', StepKind::Fit, SlabKind::Barrel, $cylinder)
            ->bySchool('circlip_gap')
            ->spends(PartKind::Circlips)
            ->caution(self::CLIP)
            ->takes(3);
    }

    private static function secondClip(PlanBuilder $plan, Cylinder $cylinder): StepDraft
    {
        return $plan->step('circlip-second', StepKind::Fit, SlabKind::Barrel, $cylinder)
            ->bySchool('circlip_gap')
            ->caution(self::CLIP)
            ->takes(4);
    }

    /** @param  list<string>  $ringed */
    private static function fromAbove(PlanBuilder $plan, array $ringed): void
    {
        $placed = self::gaps($plan, $ringed);
        $needs = [$placed, 'faces', ...$plan->every('wash')];
        $plan->step('hold.barrel', StepKind::Hold, SlabKind::Barrel)
            ->named('Before the pistons go in')
            ->because('What is under them cannot be reached afterwards.')
            ->after(...$needs)
            ->asking(self::asks($plan, 'Dowels in, oil-way O-rings in'))
            ->takes(3);
        $plan->step('barrel-down', StepKind::Fit, SlabKind::Barrel)
            ->named($plan->sheet->layout->hasSeveral() ? 'Upper case on, bores up' : 'Bore up, cases open below')
            ->because('The bores stand in the case; pistons come from above.')
            ->after(...$needs)
            ->behind('hold.barrel')
            ->settling()
            ->bySchool('bore_assembly')
            ->uses('sealant in a thin bead, kept off the oil ways')
            ->takes(15);
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $in = $plan->step('piston-in', StepKind::Fit, SlabKind::Barrel, $cylinder)
                ->named('Piston down its bore through the ring compressor'.self::mark($plan))
                ->because('Tapped, never driven: a stop is a ring under the deck.')
                ->after('barrel-down')
                ->with('ring compressor')
                ->caution('Fingers clear of the rod below.')
                ->takes(6)->id;
            $plan->step('cap-on', StepKind::Torque, SlabKind::Case, $cylinder)
                ->named('Rod cap on its own rod, marks together, torqued')
                ->because('A cap fits one rod, one way.')
                ->after($in, 'rod-felt.'.$cylinder->id)
                ->lostWith(SlabKind::Barrel)
                ->spends(PartKind::RodBolts)
                ->with('torque wrench')
                ->uses('assembly lube on the shells')
                ->takes(8);
        }
    }

    /**
     * @param  list<string>  $before
     * @return list<string>
     */
    private static function baseGasket(PlanBuilder $plan, array $before): array
    {
        if (! $plan->has(SlabKind::BaseGasket)) {
            return $before;
        }

        return [$plan->step('base-gasket', StepKind::Fit, SlabKind::BaseGasket)
            ->named('Cover off, new base gasket down, holes seen open')
            ->because('A crushed gasket does not seal twice, and one turned over shuts an oil or coolant way.')
            ->after(...$before)->after('faces')
            ->settling()
            ->bySchool('base_gasket')
            ->spends(PartKind::BaseGasket)
            ->takes(4)->id];
    }

    /**
     * @param  list<string>  $gasket
     * @param  list<string>  $before
     */
    private static function join(PlanBuilder $plan, array $gasket, array $before): StepDraft
    {
        $placed = $plan->knows('gaps-placed') ? 'gaps-placed' : self::gaps($plan, [...$gasket, ...$before]);
        $needs = [$placed, ...$gasket, ...$before, ...$plan->every('wash'), 'exhaust-valve-in'];
        $inFrame = $plan->worked() === Worked::Frame;
        $plan->step('hold.barrel', StepKind::Hold, SlabKind::Barrel)
            ->named('Before the barrel goes down')
            ->because('What is under it cannot be reached afterwards.')
            ->after(...$needs)
            ->asking(self::asks($plan, 'Dowels and O-rings of the base joint in'))
            ->takes(3);

        // between frame tubes a clamp cannot be drawn off upwards, and one pair of hands does not reach both sides
        return $plan->step('barrel-down', StepKind::Fit, SlabKind::Barrel)
            ->after(...$needs)
            ->behind('hold.barrel')
            ->settling()
            ->bySchool('bore_assembly')
            ->byTwo($inFrame && $plan->sheet->layout->hasSeveral())
            ->with($inFrame ? 'ring clamp that opens to the side' : 'ring clamp')
            ->caution('Fingers clear of the skirt and the cases.')
            ->takes(10);
    }

    /** @param  list<string>  $before */
    private static function gaps(PlanBuilder $plan, array $before): string
    {
        $pegged = $plan->sheet->layout->cycle === Cycle::TwoStroke;

        return $plan->step('gaps-placed', StepKind::Fit, SlabKind::Barrel)
            ->named($pegged ? 'Ring gaps seen at their pegs' : 'Ring gaps placed round the piston')
            ->because($pegged ? 'A ring off its peg breaks against the port edge.' : 'Gaps in line let gas and oil past.')
            ->after(...$before)
            ->takes(3)->id;
    }

    /** @return list<string|null> */
    private static function asks(PlanBuilder $plan, string $joint): array
    {
        $sheet = $plan->sheet;
        $mark = $sheet->piston->mark ?? 'either way';

        return [
            $joint,
            'Ring gaps where they belong, none moved',
            $sheet->piston->circlips ? 'Both circlips seated and turned' : null,
            $mark === 'either way' ? null : 'Every piston: '.$mark,
            $sheet->valveTrain->drive === CamDrive::Chain
                ? 'Chain through the tunnel and tied up, rear guide in its slot at both ends' : null,
            $sheet->layout->cycle === Cycle::FourStroke ? 'Jets and oil ways seen clear' : null,
            'Rags and props out, nothing in the ledger',
        ];
    }

    private static function whyRing(Ring $ring): string
    {
        return match (true) {
            $ring->kind === RingKind::Expander => 'Its ends butt and never overlap; an overlapped expander has no tension.',
            $ring->kind === RingKind::OilRail => 'A rail is walked on by hand; it carries no mark unless the maker says so.',
            $ring->peg !== null => 'Gap over the '.$ring->peg.' peg; a mark shows which face goes up.',
            default => 'The lowest groove first, so that no ring is stretched over another; upside down it pumps oil.',
        };
    }

    private static function mark(PlanBuilder $plan): string
    {
        return $plan->sheet->piston->mark === null ? '' : ', '.$plan->sheet->piston->mark;
    }
}
