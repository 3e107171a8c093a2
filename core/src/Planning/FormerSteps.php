<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Slab;
use Moltrek\Core\Sheet\SlabKind;

/** What steps were called in logs of before: each name stands for the steps that it has become. */
final class FormerSteps
{
    /** By the first word of the id; what follows it is kept. "{barrel}", "{head}", … are the slabs of that kind. */
    private const WORDS = [
        'as-found' => ['read.compression'], 'marks-seen' => ['off.marks'], 'tensioner-out' => ['off.tensioner'], 'trays' => ['off.trays'],
        'drain' => [], 'mouths-covered' => [], 'gaps-placed' => [], 'cover-seal' => [],
        'exhaust-valve-out' => ['off.exhaust-valve'], 'exhaust-valve-in' => ['on.exhaust-valve'], 'piston-off' => ['off.piston'],
        'rod-felt' => ['look.rod'], 'jets' => ['look.jets'],
        'measure.barrel' => ['read.bore'], 'measure.head' => ['read.{head}'], 'measure.cam' => ['read.cam'], 'order' => ['order.parts'],
        'deglaze' => ['work.bore'], 'wash' => ['work.wash'], 'gaps-filed' => ['work.gaps'], 'piston-ready' => ['work.piston'],
        'head-built' => ['work.valves'], 'faces' => ['work.faces', 'on.studs.{barrel}', 'on.studs.{head}'],
        'ring-on' => ['on.ring'], 'circlip-first' => ['on.clip-first'], 'piston-on' => ['on.piston', 'on.pin'],
        'circlip-second' => ['on.clip-second'], 'piston-in' => ['on.piston'], 'pin-in' => ['on.pin'], 'cap-on' => ['on.rod-cap'],
        'base-gasket' => ['on.{base gasket}'], 'barrel-down' => ['on.{barrel}'], 'turned' => ['pull.{barrel}', 'turn.{barrel}'],
        'deck' => ['read.deck.*'], 'squish' => ['read.squish.*', 'decide.deck'], 'head-gasket' => ['on.{head gasket}'],
        'head-on' => ['on.{head}'], 'torque.head' => ['pull.{head}'],
        'cam-in' => ['on.cam', 'hold.{cam holder}', 'on.{cam holder}', 'pull.{cam holder}', 'hold.{valve gear}', 'on.{valve gear}',
            'pull.{valve gear}'],
        'chain-on' => ['on.chain', 'pull.wheel', 'time.cam'], 'tensioner-in' => ['on.tensioner'], 'timed' => ['time.cam', 'turn.timing'],
        'pushrods' => ['on.rods', 'on.{valve gear}', 'pull.{valve gear}', 'on.{rocker box}', 'pull.{rocker box}'],
        'rods-spin' => ['set.rods'], 'lash' => ['set.lash'], 'ignition' => ['set.ignition', 'time.ignition'],
        'cover-on' => ['on.{cover}', 'pull.{cover}'], 'oil-in' => ['fill.oil'], 'primed' => ['fill.prime'],
        'coolant-in' => ['fill.coolant'],
        'leak-test' => ['test.leak', 'test.leak-down'], 'first-start' => ['start.first'], 'heat-cycle' => ['run.heat'],
        'retorque' => ['run.recheck'], 'run-in' => ['run.sheet'],
    ];

    /** @return list<string> the steps that an id stands for: itself, unless it is one of before */
    public static function now(string $id, EngineSheet $sheet): array
    {
        foreach (self::WORDS as $word => $steps) {
            if (StepName::goesBy($id, $word)) {
                $places = substr($id, strlen($word));

                return array_merge(...array_map(static fn (string $step): array => self::placed($step, $places, $sheet), $steps), ...[[]]);
            }
        }

        return [$id];
    }

    /** @return list<string> */
    private static function placed(string $step, string $places, EngineSheet $sheet): array
    {
        if (str_ends_with($step, '.*')) {
            return array_map(static fn (string $cylinder): string => substr($step, 0, -1).$cylinder,
                array_column($sheet->layout->cylinders, 'id'));
        }
        if (preg_match('/\{(.+)\}/', $step, $found) !== 1) {
            return [$step.$places];
        }
        $cylinder = ltrim($places, '.');
        $slabs = $sheet->stack->all(SlabKind::from($found[1]), $sheet->cylinder($cylinder) === null ? null : $cylinder);

        return array_map(static fn (Slab $slab): string => str_replace($found[0], $slab->id, $step), $slabs);
    }
}
