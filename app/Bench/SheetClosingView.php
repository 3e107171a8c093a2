<?php

namespace App\Bench;

use App\Http\Shapes\SheetTimingShape;
use Moltrek\Core\Log\Closing\LeakTest;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fluid;
use Moltrek\Core\Sheet\Recheck;
use Moltrek\Core\Sheet\RunInStage;

/** What a sheet says of setting valves, of fluids, tests and running in, as the spec book shows it. */
final readonly class SheetClosingView
{
    public function __construct(private EngineSheet $sheet)
    {
    }

    /** @return list<SheetTimingShape> the sections of which the sheet says anything */
    public function shapes(): array
    {
        $sections = ['Setting the valves' => $this->valves(), 'Fluids' => $this->fluids(), 'Tests' => $this->tests(), 'Running in' => $this->runIn()];
        $said = array_filter($sections, static fn (array $lines): bool => $lines !== []);

        return array_map(static fn (string $title, array $lines): SheetTimingShape => new SheetTimingShape($title, $lines), array_keys($said), array_values($said));
    }

    /** @return list<string> */
    private function valves(): array
    {
        $setting = $this->sheet->valveTrain->setting;
        $rods = $setting->rods;
        $lengths = array_map(static fn (string $of, Length $length): string => "$of {$length->written()}", array_map(strval(...), array_keys($setting->rodLengths)), array_values($setting->rodLengths));

        return array_values(array_filter([
            $setting->sold === null ? null : 'Shims sold '.$setting->sold->from->written().' to '.$setting->sold->to->written().', every '.$setting->sold->step->written(),
            $setting->ratio === 1.0 ? null : 'Clearance changes '.$setting->ratio.' times what the shim does',
            $rods === null ? null : 'Rods let out for a preload of '.($rods->least->equals($rods->most) ? $rods->least->written() : $rods->least->written().' to '.$rods->most->written())
                .', '.($rods->pitch === null ? $rods->perInch.' threads to the inch' : 'pitch '.$rods->pitch->written()).', bleeding down '.LeakTest::minutes($rods->bleedDown),
            $lengths === [] ? null : 'Rods '.implode(', ', $lengths),
            $setting->rockerStack === [] ? null : 'Rocker shaft from the drive side: '.implode(', ', $setting->rockerStack),
            $setting->tube === [] ? null : 'Rod tube from below: '.implode(', ', $setting->tube),
        ]));
    }

    /** @return list<string> */
    private function fluids(): array
    {
        return array_map(static fn (Fluid $fluid): string => ucfirst($fluid->kind->value).' '.$fluid->inWords().($fluid->source === null ? '' : ', '.$fluid->source), $this->sheet->fluids->all);
    }

    /** @return list<string> */
    private function tests(): array
    {
        $tests = $this->sheet->tests;
        $percent = static fn (float $share): string => round($share * 100).' %';

        return array_values(array_filter([
            $tests->pressure === null || $tests->drop === null || $tests->time === null ? null
                : sprintf('Leak test from %s kPa: at most %s kPa in %s', $tests->pressure, $tests->drop, LeakTest::minutes($tests->time)),
            $tests->lost === null ? null : 'Leak-down up to '.$percent($tests->lost).($tests->lostInService === null ? '' : ', worn up to '.$percent($tests->lostInService)),
            $tests->spread === null ? null : 'Compressions within '.$percent($tests->spread).' of the highest',
        ]));
    }

    /** @return list<string> */
    private function runIn(): array
    {
        $runIn = $this->sheet->runIn;
        $stages = array_map(static fn (RunInStage $stage): string => 'To '.$stage->until.' h: throttle to '.$stage->throttle.($stage->note === null ? '' : ', '.$stage->note), $runIn->stages);
        $rechecks = array_map(static fn (Recheck $recheck): string => ucfirst($recheck->what).' '.$recheck->when(), $runIn->rechecks);
        $mixture = $runIn->ratio === null ? [] : ['Mixture '.$runIn->ratio.' to 1'.($runIn->ratioAfter === null ? '' : ', then '.$runIn->ratioAfter.' to 1')];

        return [...$runIn->heatCycles > 1 ? ['Warmed through '.$runIn->heatCycles.' times, cold in between'] : [], ...$stages, ...$mixture, ...$rechecks];
    }
}
