<?php

namespace Moltrek\Core\Planning;

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
    public static function write(PlanBuilder $plan): void
    {
        $joining = $plan->sheet->barrel->joining;
        $ends = [];
        foreach ($plan->sheet->cylinders as $cylinder) {
            $ends[] = self::rings($plan, $cylinder);
        }
        match ($joining) {
            Joining::Lowered => self::lowered($plan, $ends),
            Joining::IntoBarrel => self::intoBarrel($plan, $ends),
            Joining::UpperCase => self::fromAbove($plan, $ends),
        };
        $clamps = $joining === Joining::Lowered && count($plan->sheet->cylinders) > 1;
        $plan->add('turned', SlabKind::Barrel, StepKind::Fit, ($joining === Joining::UpperCase ? '' : 'Barrel held down, ').'crank turned two full turns by hand'.($clamps ? ', ring clamps out' : ''), 'A catch now is a ring, a clip or a rag. It costs minutes here and an engine later.', 4, ['barrel-down', ...$plan->beginning('circlip-second'), ...$plan->beginning('cap-on')],
            tools: [$plan->sheet->crank->turnedBy ?? 'crank turned by hand'], caution: 'Hands clear while turning.');
    }

    private static function rings(PlanBuilder $plan, Cylinder $cylinder): string
    {
        $last = ['gaps-filed.'.$cylinder->id, 'piston-ready.'.$cylinder->id];
        foreach (array_reverse($plan->sheet->piston->rings) as $ring) {
            $last = [$plan->add('ring-on.'.$ring->id, SlabKind::Barrel, StepKind::Fit, ucfirst($ring->name).' on'.($ring->mark === null ? '' : ', '.$ring->mark), self::whyRing($ring), 2, $last,
                places: [$cylinder->id, $ring->id], cylinder: $cylinder, lostWith: self::keptWith($plan))];
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
        foreach ($plan->sheet->cylinders as $index => $cylinder) {
            $plan->add('circlip-first', SlabKind::Barrel, StepKind::Fit, 'First circlip in, on the side away from the open one', 'With one clip in at the bench only one is left to fit over the open cases.', 3, [$ringed[$index]],
                cylinder: $cylinder, lostWith: SlabKind::Case, parts: ['Circlips'.self::of($plan, $cylinder)], caution: 'Eye protection: a circlip can fly.');
            $plan->add('piston-on', SlabKind::Barrel, StepKind::Fit, 'Piston on the rod'.self::mark($plan).'; pin oiled and pushed in', 'A pin offset or a port cut-out works only one way round.', 5, ['circlip-first.'.$cylinder->id, 'rod-felt.'.$cylinder->id, 'mouths-covered'],
                cylinder: $cylinder, lostWith: SlabKind::Case, uses: 'running oil on the pin');
            $ends[] = $plan->add('circlip-second', SlabKind::Barrel, StepKind::Fit, 'Cases covered, second circlip in and turned in its groove', 'A clip that turns is seated all the way round; a covered mouth catches the one that flies.', 4, ['piston-on.'.$cylinder->id],
                cylinder: $cylinder, lostWith: SlabKind::Case, caution: 'Eye protection: a circlip can fly.');
        }
        self::join($plan, self::baseGasket($plan, $ends), $ends, 'Barrel down over the '.(count($ends) > 1 ? 'pistons, the highest first' : 'piston'), 'It must slide under its own weight; anything that stops it is a ring out of place.');
    }

    /** @param  list<string>  $ringed */
    private static function intoBarrel(PlanBuilder $plan, array $ringed): void
    {
        $placed = self::gaps($plan, $ringed);
        $ends = [];
        foreach ($plan->sheet->cylinders as $cylinder) {
            $plan->add('circlip-first', SlabKind::Barrel, StepKind::Fit, 'Inner circlip in', 'The outer side stays open for the pin.', 3, ['piston-ready.'.$cylinder->id], cylinder: $cylinder, parts: ['Circlips'.self::of($plan, $cylinder)], caution: 'Eye protection: a circlip can fly.');
            $ends[] = $plan->add('piston-in', SlabKind::Barrel, StepKind::Fit, 'Piston into its bore from below on the bench'.self::mark($plan).', pin eye left showing', 'On the bench every ring can be seen going in.', 6, [$placed, 'circlip-first.'.$cylinder->id], cylinder: $cylinder, tools: ['ring compressor that opens']);
        }
        self::join($plan, self::baseGasket($plan, $ends), [...$ends, ...$plan->beginning('rod-felt')], 'Barrel with its pistons lowered to the rods', 'Rods stand up by props; the barrel is held until every pin is in.', secondPerson: true);
        foreach ($plan->sheet->cylinders as $cylinder) {
            $plan->add('pin-in', SlabKind::Barrel, StepKind::Fit, 'Pin oiled and pushed in from the open side', 'From the open side, by hand: a pin that must be driven is wrong.', 5, ['barrel-down'], cylinder: $cylinder, uses: 'running oil on the pin');
            $plan->add('circlip-second', SlabKind::Barrel, StepKind::Fit, 'Cases covered, open-side circlip in and turned in its groove', 'A clip that turns is seated all the way round.', 4, ['pin-in.'.$cylinder->id], cylinder: $cylinder, caution: 'Eye protection: a circlip can fly.');
        }
    }

    /** @param  list<string>  $ringed */
    private static function fromAbove(PlanBuilder $plan, array $ringed): void
    {
        $placed = self::gaps($plan, $ringed);
        $plan->add('hold.barrel', SlabKind::Barrel, StepKind::Hold, 'Before the pistons go in', 'What is under them cannot be reached afterwards.', 3, [$placed, 'faces', ...$plan->beginning('wash')], asks: self::asks($plan, false));
        $plan->add('barrel-down', SlabKind::Barrel, StepKind::Fit, count($plan->sheet->cylinders) > 1 ? 'Upper case on, bores up' : 'Bore up, cases open below', 'The bores stand in the case; pistons come from above.', 15, [$placed, 'faces', ...$plan->beginning('wash')],
            hold: 'hold.barrel', settles: true, uses: 'sealant in a thin bead, kept off the oil ways');
        foreach ($plan->sheet->cylinders as $cylinder) {
            $plan->add('piston-in', SlabKind::Barrel, StepKind::Fit, 'Piston down its bore through the ring compressor'.self::mark($plan), 'Tapped, never driven: a stop is a ring under the deck.', 6, ['barrel-down'], cylinder: $cylinder, tools: ['ring compressor'], caution: 'Fingers clear of the rod below.');
            $plan->add('cap-on', SlabKind::Case, StepKind::Torque, 'Rod cap on its own rod, marks together, torqued', 'A cap fits one rod, one way.', 8, ['piston-in.'.$cylinder->id, 'rod-felt.'.$cylinder->id], cylinder: $cylinder, lostWith: SlabKind::Barrel, parts: ['Rod bolts'.self::of($plan, $cylinder)], tools: ['torque wrench'], uses: 'assembly lube on the shells');
        }
    }

    /**
     * @param  list<string>  $before
     * @return list<string>
     */
    private static function baseGasket(PlanBuilder $plan, array $before): array
    {
        return $plan->has(SlabKind::BaseGasket)
            ? [$plan->add('base-gasket', SlabKind::BaseGasket, StepKind::Fit, 'Cover off, new base gasket down, holes seen open', 'A crushed gasket does not seal twice, and one turned over shuts an oil or coolant way.', 4, [...$before, 'faces'], settles: true, parts: ['Base gasket'])]
            : $before;
    }

    /**
     * @param  list<string>  $gasket
     * @param  list<string>  $before
     */
    private static function join(PlanBuilder $plan, array $gasket, array $before, string $name, string $why, bool $secondPerson = false): void
    {
        $placed = $plan->beginning('gaps-placed') === [] ? self::gaps($plan, [...$gasket, ...$before]) : 'gaps-placed';
        $needs = [$placed, ...$gasket, ...$before, ...$plan->beginning('wash'), ...$plan->beginning('exhaust-valve-in')];
        $plan->add('hold.barrel', SlabKind::Barrel, StepKind::Hold, 'Before the barrel goes down', 'What is under it cannot be reached afterwards.', 3, $needs, asks: self::asks($plan, true));
        $plan->add('barrel-down', SlabKind::Barrel, StepKind::Fit, 'Bore and rings oiled, '.lcfirst($name), $why, 10, $needs, hold: 'hold.barrel', settles: true, caution: 'Fingers clear of the skirt and the cases.',
            // between frame tubes a clamp cannot be drawn off upwards, and one pair of hands does not reach both sides
            secondPerson: $secondPerson || ($plan->worked() === Worked::Frame && count($plan->sheet->cylinders) > 1),
            tools: $plan->worked() === Worked::Frame ? ['ring clamp that opens to the side'] : ['ring clamp']);
    }

    /** @param  list<string>  $before */
    private static function gaps(PlanBuilder $plan, array $before): string
    {
        $pegged = $plan->sheet->cycle === Cycle::TwoStroke;

        return $plan->add('gaps-placed', SlabKind::Barrel, StepKind::Fit, $pegged ? 'Ring gaps seen at their pegs' : 'Ring gaps placed round the piston', $pegged ? 'A ring off its peg breaks against the port edge.' : 'Gaps in line let gas and oil past.', 3, $before);
    }

    /** @return list<string> */
    private static function asks(PlanBuilder $plan, bool $mouth): array
    {
        $sheet = $plan->sheet;

        return array_values(array_filter([
            $mouth ? 'Dowels and O-rings of the base joint in' : 'Dowels in, oil-way O-rings in',
            'Ring gaps where they belong, none moved',
            $sheet->piston->circlips ? 'Both circlips seated and turned' : null,
            ($sheet->piston->mark ?? 'either way') === 'either way' ? null : 'Every piston: '.$sheet->piston->mark,
            $sheet->valveTrain->drive?->value === 'chain' ? 'Chain through the tunnel and tied up, rear guide in its slot at both ends' : null,
            $sheet->cycle === Cycle::FourStroke ? 'Jets and oil ways seen clear' : null,
            'Rags and props out, nothing in the ledger',
        ]));
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

    private static function of(PlanBuilder $plan, Cylinder $cylinder): string
    {
        return count($plan->sheet->cylinders) === 1 ? '' : ', '.$cylinder->name;
    }
}
