<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\ExhaustValve;
use Moltrek\Core\Sheet\ExhaustValveDrive;
use Moltrek\Core\Sheet\ExhaustValveKind;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;
use Moltrek\Core\Sheet\StepKind;

/**
 * The exhaust valve of a two-stroke: its drive let go before the valve or the barrel comes away, the valve out, clean, in and proved
 * by its kind, its drive put back and adjusted last. Source: shop practice.
 */
final readonly class ExhaustValveRules
{
    public static function write(PlanBuilder $plan): void
    {
        $valve = $plan->sheet->exhaustValve;
        if ($valve === null) {
            return;
        }
        $rules = new self($plan, $plan->scope, $valve);
        if ($plan->scope->exhaustLinkageIsOff()) {
            $rules->linkage();
        }
        if ($plan->scope->exhaustValveIsOut()) {
            $rules->off();
            $rules->clean();
            $rules->on();
        }
    }

    private function __construct(private PlanBuilder $plan, private Scope $scope, private ExhaustValve $valve)
    {
    }

    private function barrel(): ?Slab
    {
        return $this->plan->sheet->stack->slab(SlabKind::Barrel);
    }

    /** @return list<string> the barrels that this job takes off */
    private function barrels(): array
    {
        return array_column($this->scope->slabs(SlabKind::Barrel), 'id');
    }

    private function linkage(): void
    {
        $behind = $this->plan->sheet->stack->named($this->valve->linkageBehind ?? '');
        $linkage = $this->valve->drivenBy->linkage();
        if (! $this->scope->fromPieces) {
            $this->plan->step('off.exhaust-linkage', StepKind::TakeOff, $behind ?? $this->barrel())
                ->named(match ($this->valve->drivenBy) {
                    ExhaustValveDrive::Governor => 'Rod of the exhaust valve unhooked from its arm, clips counted, its place noted',
                    ExhaustValveDrive::Pneumatic => 'Hose of the exhaust valve off its actuator, its end plugged',
                    ExhaustValveDrive::ServoCable => 'Cables of the exhaust valve slackened and unhooked, marked opening and closing',
                    ExhaustValveDrive::Electric => 'Plug of the exhaust valve’s motor off at its clip, its lead laid clear',
                })
                ->because("A barrel that lifts on its $linkage bends it, and the valve with it.")
                ->after(...$behind === null ? [] : ['off.'.$behind->id])
                ->before('off.exhaust-valve', ...array_map(static fn (string $slab): string => 'off.'.$slab, $this->barrels()))
                ->openingWith(...$this->scope->slabs(SlabKind::Barrel))
                ->lostWith()
                ->takes(5);
        }
        $barrels = array_merge(...array_map(static fn (string $slab): array => ['on.'.$slab, 'pull.'.$slab], $this->barrels()), ...[[]]);
        $this->plan->step('on.exhaust-linkage', StepKind::Fit, $behind ?? $this->barrel())
            ->named(match ($this->valve->drivenBy) {
                ExhaustValveDrive::Governor => 'Rod of the exhaust valve on its arm, clips in their order, no play and no preload',
                ExhaustValveDrive::Pneumatic => 'Hose of the exhaust valve on, clipped; by hand pump the valve opens fully and falls shut',
                ExhaustValveDrive::ServoCable => 'Cables of the exhaust valve hooked in as marked, slack set: it reaches both stops',
                ExhaustValveDrive::Electric => 'Plug of the exhaust valve’s motor on until it clicks; it sweeps once from stop to stop',
            })
            ->because('A valve whose drive is out of adjustment is half open at full speed.')
            ->after('off.exhaust-linkage', 'on.exhaust-valve', ...$barrels)
            ->before('test.leak', ...$behind === null ? [] : ['hold.'.$behind->id])
            ->lostWith($behind, ...$this->scope->slabs(SlabKind::Barrel))
            ->takes(8);
    }

    private function off(): void
    {
        if ($this->scope->fromPieces) {
            return;
        }
        $step = $this->plan->step('off.exhaust-valve', StepKind::TakeOff, $this->barrel())
            ->after('off.exhaust-linkage', ...array_map(static fn (Slab $slab): string => 'off.'.$slab->id,
                [...$this->scope->slabs(SlabKind::ExhaustValveCover),
                    ...$this->valve->isReachedFromOutside ? [] : $this->scope->slabs(SlabKind::Barrel)]))
            ->takes($this->valve->isInHalves() ? 15 : 10);
        match ($this->valve->kind) {
            ExhaustValveKind::RackAndHalves => $step->named('Exhaust valve out, left and right parts laid apart')
                ->mirrored()
                ->because('The halves look alike and are not.')
                ->inTurn(
                    'Marks of rack and gear seen and photographed'.($this->valve->isReachedFromOutside ? ''
                        : '; a barrel that lies on its head is mirrored: left is right'),
                    'Nut at the gear eased to the right: its thread is left-hand',
                    'Left and right halves out, each laid on its own side',
                    'Shaft turned before it is pulled, seals out',
                )
                ->caution('Left-hand nut at the gear: it loosens to the right.'),
            ExhaustValveKind::Guillotine => $step
                ->named('Exhaust valve out: blade drawn straight from its guide, its upper face and edge marked')
                ->because('A blade put back upside down stands in the port.'),
            ExhaustValveKind::Flap => $step
                ->named('Exhaust valve out: flap off its shaft, shaft turned before it is pulled, stop left as set')
                ->because('A shaft that is pulled before it is turned tears its seal seat.'),
            ExhaustValveKind::Drum => $step
                ->named('Exhaust valve out: drum drawn along its axis, its slot and its drive marked to each other')
                ->because('Half a turn out, it is shut when it should be open.'),
            null => $step->named('Exhaust valve out, each part marked as it sat')
                ->because('Parts that look alike are not.'),
        };
    }

    private function clean(): void
    {
        $this->plan->step('clean.exhaust-valve', StepKind::Clean, $this->barrel())
            ->named(match ($this->valve->kind) {
                ExhaustValveKind::RackAndHalves => 'Both halves, shaft and ways of the exhaust valve free of carbon, seals renewed',
                ExhaustValveKind::Guillotine => 'Blade and guide of the exhaust valve free of carbon, seals renewed',
                ExhaustValveKind::Flap => 'Flap, shaft and stop of the exhaust valve free of carbon, seals renewed',
                ExhaustValveKind::Drum => 'Drum and bore of the exhaust valve free of carbon, seals renewed',
                null => 'Exhaust valve and its ways free of carbon, seals renewed',
            })
            ->because('Carbon holds it half open, and a seal put in backwards blows oil.')
            ->inTurn(
                'Carbon off every face and out of every way, burrs broken',
                $this->valve->kind === ExhaustValveKind::RackAndHalves
                    ? 'Each half through its way: it falls by its own weight' : 'Tried in its way dry: it moves by its own weight',
                'Seals in with the lip to the carbon side, driven on the outer rim',
            )
            ->after('off.exhaust-valve')
            ->lostWith()
            ->spends(PartKind::ExhaustValveSeals)
            ->with('scraper softer than the face', 'solvent', 'seal driver that bears on the outer rim')
            ->caution('Ventilation: solvent.')
            ->takes(20);
    }

    private function on(): void
    {
        $cover = $this->scope->slabs(SlabKind::ExhaustValveCover)[0] ?? null;
        $step = $this->plan->step('on.exhaust-valve', StepKind::Fit, $this->barrel())
            ->named('Exhaust valve in: free after each piece, proved open and shut')
            ->because('One that sticks costs half the power, or a piston.')
            ->inTurn(...$this->pieces())
            ->after('clean.exhaust-valve', ...$this->plan->every('work.wash'))
            ->after(...array_map(static fn (string $slab): string => 'clean.'.$slab, $this->barrels()))
            ->before(...$this->valve->isReachedFromOutside ? []
                : array_map(static fn (string $slab): string => 'hold.'.$slab, $this->barrels()))
            ->before(...array_map(static fn (Slab $slab): string => 'hold.'.$slab->id, $this->scope->slabs(SlabKind::ExhaustValveCover)))
            ->lostWith()
            ->caution('Fingers out of the port: the valve shuts by its spring.')
            ->takes($this->valve->isInHalves() ? 25 : 15);
        if ($this->valve->isInHalves()) {
            $step->mirrored();
        }
        if ($this->valve->isInHalves() && ! $this->valve->isReachedFromOutside) {
            $step->owing('left-hand nut at the gear of the exhaust valve', 'the gear can be held only once the barrel is down',
                'hold.'.($cover->id ?? 'start'));
        }
    }

    /** @return list<string> */
    private function pieces(): array
    {
        $isNutOwed = ! $this->valve->isReachedFromOutside;

        return [
            ...match ($this->valve->kind) {
                ExhaustValveKind::RackAndHalves => [
                    'Left and right halves in, each on its own side: free by a finger',
                    'Rack and gear at their marks: free again; if not, out with the last piece',
                    $isNutOwed ? 'Gear held fully open, its left-hand nut snug; its torque is owed until the gear can be held'
                        : 'Gear held fully open, its left-hand nut snug, then torqued',
                ],
                ExhaustValveKind::Guillotine => [
                    'Guide in and drawn down: the blade slides from end to end by its own weight',
                    'Blade in with its marked face up, edge to the port: flush with the bore’s wall when open, never proud',
                ],
                ExhaustValveKind::Flap => [
                    'Shaft in with its seals oiled, turned as it goes in: free',
                    'Flap on its shaft, screws locked: full open it lies in its pocket, full shut it meets its stop and not the port',
                ],
                ExhaustValveKind::Drum => [
                    'Drum in along its axis, oiled: it turns by a finger',
                    'Its slot in line with the port at full open, its marks together',
                ],
                null => ['Each part in as it was marked: free after each, or out again with the last'],
            },
            'Proof: open, the port is clear; let go, it closes fully by itself',
            ...$this->scope->slabs(SlabKind::ExhaustValveCover) === [] ? []
                : ['Cover tried on without its gasket: free still; cover off again'],
        ];
    }
}
