<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;

/**
 * Spark plugs: out before anything is read through their holes or turned to a mark, in once nothing is turned by hand any more.
 * Source: shop practice.
 */
final readonly class PlugRules
{
    /** What is read through the holes, or turned for with the plugs out. */
    private const THROUGH_HOLES = [
        'read.compression', 'read.lash', 'read.ignition', 'off.marks', 'set.rods', 'set.lash', 'time', 'read.squish', 'read.deck',
    ];

    /** What is done before the plugs go back. */
    private const BEFORE_PLUGS = ['turn', 'time', 'set', 'read.compression', 'read.lash', 'read.squish'];

    /** After the rules of everything else that is turned by hand. */
    public static function write(PlanBuilder $plan): void
    {
        $opensHead = $plan->scope->slabs(SlabKind::Head) !== [];
        $turned = $plan->every(...self::THROUGH_HOLES);
        if (! $opensHead && $turned === []) {
            return;
        }
        $first = $plan->every(...self::BEFORE_PLUGS);
        foreach ($plan->sheet->layout->cylinders as $cylinder) {
            $head = $plan->scope->bankOf($cylinder->id)->head;
            if (! $plan->scope->fromPieces) {
                self::out($plan, $cylinder, $head, $turned);
            }
            self::in($plan, $cylinder, $head, $first);
        }
    }

    /** @param  list<string>  $turned  what wants the hole open */
    private static function out(PlanBuilder $plan, Cylinder $cylinder, ?Slab $head, array $turned): void
    {
        $plan->step('off.plug.'.$cylinder->id, StepKind::TakeOff, $head, $cylinder)
            ->named('Spark plug out, dirt blown off round it first; colour, ends and thread looked at')
            ->because('Its colour is the last word on how this cylinder ran, and it belongs to this one alone.')
            ->before('off.cam', ...$turned, ...$head === null ? [] : ['off.'.$head->id])
            ->openingWith(...$head === null ? [] : [$head])
            ->with('plug spanner')
            ->caution('Eye protection: compressed air.')
            ->takes(3);
    }

    /** @param  list<string>  $first  what is done before it */
    private static function in(PlanBuilder $plan, Cylinder $cylinder, ?Slab $head, array $first): void
    {
        $plan->step('on.plug.'.$cylinder->id, StepKind::Fit, $head, $cylinder)
            ->named('Spark plug in: gap read, thread started by hand, drawn to its torque, cap seated')
            ->because('A thread that is crossed is cut anew with the head off.')
            ->after('off.plug.'.$cylinder->id, 'fill.prime', 'read.ignition',
                ...$head === null ? [] : ['on.'.$head->id, 'pull.'.$head->id])
            ->after(...$first)
            ->lostWith($head)
            ->with('plug gauge', 'plug spanner', 'torque wrench')
            ->takes(4);
    }
}
