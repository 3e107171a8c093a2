<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Sheet\RingKind;
use Moltrek\Core\Sheet\SlabKind;

/**
 * The order in which piston and rings go in and the barrel goes down over them, drawn from what the engine is.
 * Source: shop practice. The rings go on from the lowest groove up, so that none is stretched over another; the piston
 * goes on its rod with one circlip already in; the barrel is lowered last and the crank turned to prove that nothing binds.
 */
final readonly class FittingPlan
{
    private string $barrel;

    private function __construct(private EngineSheet $sheet)
    {
        $this->barrel = ($sheet->slab(SlabKind::Barrel) ?? $sheet->slabs[0])->id;
    }

    /** @return array<string, Step> by id, in order */
    public static function of(EngineSheet $sheet): array
    {
        $plan = new self($sheet);
        $steps = [];
        $ends = [];
        foreach ($sheet->cylinders as $cylinder) {
            $own = $plan->cylinder($cylinder);
            array_push($ends, ...array_map(static fn (Step $step): string => $step->id, array_slice($own, -1)));
            array_push($steps, ...$own);
        }
        array_push($steps, ...$plan->joining($ends));

        return array_column($steps, null, 'id');
    }

    /** @return list<Step> */
    private function cylinder(Cylinder $cylinder): array
    {
        $steps = [];
        $add = function (string $id, string $name, string $why, ?string $caution = null) use (&$steps, $cylinder): void {
            $before = $steps === [] ? [] : [$steps[count($steps) - 1]->id];
            $steps[] = new Step($id.'.'.$cylinder->id, $this->barrel, $cylinder->id, $this->named($name, $cylinder), $why, $before, $caution);
        };
        $piston = $this->sheet->piston;
        foreach (array_reverse($piston->rings) as $ring) {
            $add('ring-on.'.$ring->id, ucfirst($ring->name).' on'.($ring->mark === null ? '' : ', '.$ring->mark), self::whyRing($ring));
        }
        $add('circlip-first', 'First circlip in, on the side away from the open one',
            'With one clip in at the bench only one is left to fit over the open cases.', 'Eye protection: a circlip can fly.');
        $add('piston-on', 'Piston on the rod'.($piston->mark === null ? '' : ', '.$piston->mark).'; pin oiled and pushed in',
            'A pin offset or a port cut-out works only one way round.');
        $add('circlip-second', 'Cases covered, second circlip in and turned in its groove',
            'A clip that turns is seated all the way round; a covered mouth catches the one that flies.', 'Eye protection: a circlip can fly.');

        return $steps;
    }

    /**
     * @param  list<string>  $pistonsOn  the last step of each cylinder
     * @return list<Step>
     */
    private function joining(array $pistonsOn): array
    {
        $gasket = $this->sheet->slab(SlabKind::BaseGasket);
        $many = count($this->sheet->cylinders) > 1;
        $steps = [];
        if ($gasket !== null) {
            $steps[] = new Step('base-gasket', $gasket->id, null, 'Cover off, new base gasket down, holes seen open',
                'A crushed gasket does not seal twice, and one turned over shuts an oil or coolant way.', $pistonsOn, settles: true);
        }
        $pegged = $this->sheet->cycle === Cycle::TwoStroke;
        $steps[] = new Step('gaps-placed', $this->barrel, null, $pegged ? 'Ring gaps seen at their pegs' : 'Ring gaps placed round the piston',
            $pegged ? 'A ring off its peg breaks against the port edge.' : 'Gaps in line let gas and oil past.', $steps === [] ? $pistonsOn : ['base-gasket']);
        $steps[] = new Step('barrel-down', $this->barrel, null, 'Bore and rings oiled, barrel down over the '.($many ? 'pistons' : 'piston'),
            'It must slide under its own weight; anything that stops it is a ring out of place.', ['gaps-placed'], 'Fingers clear of the skirt and the cases.', settles: true);
        $steps[] = new Step('turned', $this->barrel, null, 'Barrel held down, crank turned two full turns by hand',
            'A catch now is a ring, a clip or a rag. It costs minutes here and an engine later.', ['barrel-down'], 'Hands clear while turning.');

        return $steps;
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

    private function named(string $name, Cylinder $cylinder): string
    {
        return count($this->sheet->cylinders) === 1 ? $name : ucfirst($cylinder->name).': '.lcfirst($name);
    }
}
