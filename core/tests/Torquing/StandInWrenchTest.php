<?php

use Moltrek\Core\Practice\StandInWrench;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\Programme;
use Moltrek\Core\Torquing\TorqueSample;

/** The passes of the four: 14 N·m, 28 N·m, 85° to 95°, a look. */
function ostrelPass(int $stage): Pass
{
    return Programme::on(demoSheet('ostrel-608'), 'pull.head')->passes[$stage - 1];
}

it('gives the same pull for the same seed, and another for another bolt', function () {
    $pull = fn (string $bolt, int $seed = 7): array => (new StandInWrench($seed))->pull(ostrelPass(2), $bolt, 0.0);
    expect($pull('h3'))->toEqual($pull('h3'))->not->toEqual($pull('h4'))->and($pull('h3', 8))->not->toEqual($pull('h3'));
});

it('runs down, seats, rises in a straight line, and clicks within a hundredth of what it is set to', function (int $seed) {
    $samples = (new StandInWrench($seed))->pull(ostrelPass(2), 'h8', 0.0);
    $last = $samples[count($samples) - 1];
    expect($last->torque)->toEqualWithDelta(28.0, 0.29);
    $free = array_filter($samples, static fn (TorqueSample $sample): bool => $sample->angle > 0 && $sample->angle < 12);
    expect(max(array_map(static fn (TorqueSample $sample): float => $sample->torque, $free)))->toBeLessThan(1.0);
    foreach (array_slice($samples, 1) as $index => $sample) {
        expect($sample->angle)->toBeGreaterThan($samples[$index]->angle)->and($sample->torque)->toBeGreaterThanOrEqual($samples[$index]->torque)
            ->and($sample->time)->toBe(40 * ($index + 1));
    }
})->with([1, 2, 3, 229]);

it('turns an angle to its end, and only what is left of one that was interrupted', function (float $turned) {
    $samples = (new StandInWrench(3))->pull(ostrelPass(3), 'h3', $turned);
    expect($samples[count($samples) - 1]->angle)->toEqualWithDelta(90.0 - $turned, 0.5)->and($samples[0]->torque)->toBeGreaterThan(20.0);
})->with([0.0, 40.0]);

it('tells a bolt that yields from one that holds', function () {
    $line = fn (float ...$torques): array => array_map(static fn (int $index, float $torque): TorqueSample => new TorqueSample(40 * $index, 2.0 * $index, $torque), array_keys($torques), $torques);
    $straight = $line(...array_map(static fn (int $each): float => 2.0 * $each, range(0, 19)));
    $flat = $line(...[...array_map(static fn (int $each): float => 2.0 * $each, range(0, 12)), ...array_map(static fn (int $each): float => 24 + 0.1 * $each, range(1, 8))]);
    expect(StandInWrench::hasYielded(...$straight))->toBeFalse()->and(StandInWrench::hasYielded(...$flat))->toBeTrue()
        ->and(StandInWrench::hasYielded(...array_slice($straight, 0, 5)))->toBeFalse();
});

it('lets one bolt in sixty or so be stretched', function () {
    $pass = ostrelPass(3);
    $stretched = array_filter(range(1, 400), static fn (int $bolt): bool => StandInWrench::hasYielded(...(new StandInWrench(11))->pull($pass, "b$bolt", 0.0)));
    expect(count($stretched))->toBeGreaterThan(1)->toBeLessThan(20);
});
