<?php

use Moltrek\Core\Sheet\PatternKind;
use Moltrek\Core\Sheet\School;
use Moltrek\Core\Torquing\Pause;
use Moltrek\Core\Torquing\Stages;

it('goes round again after a pause that the shop’s school calls long', function (Pause $school, int $seconds, bool $isLong) {
    $pull = new DateTimeImmutable('2026-11-24T09:00:00Z');
    expect($school->isLong($pull, $pull->modify("+$seconds seconds")))->toBe($isLong);
})->with([
    'a second short of half an hour' => [Pause::HalfAnHour, 1_799, false],
    'half an hour' => [Pause::HalfAnHour, 1_800, true],
    'a second short of ten minutes' => [Pause::TenMinutes, 599, false],
    'ten minutes' => [Pause::TenMinutes, 600, true],
    'never, though a night lies between' => [Pause::Never, 60_000, false],
]);

it('has a rule for every school that a sheet or a shop may name', function (string $matter, array $known) {
    expect(array_diff(array_keys(School::all()[$matter]->options), $known))->toBe([]);
})->with([
    'pauses' => [School::PAUSE, array_column(Pause::cases(), 'value')],
    'stages' => [School::STAGES, array_column(Stages::cases(), 'value')],
]);

it('says stages and orders as one says them at the bench', function (Stages|PatternKind $each, string $words) {
    expect($each->words())->toBe($words);
})->with([
    [Stages::Thirds, '1/3, 2/3, all'],
    [Stages::HalfThreeQuartersFull, '1/2, 3/4, all'],
    [Stages::HalfFull, '1/2, all'],
    [PatternKind::Cross, 'crosswise'],
    [PatternKind::InsideOut, 'from the middle outwards'],
    [PatternKind::Round, 'round the rim'],
]);
