<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\HeadHeld;
use Moltrek\Core\Measuring\InstrumentDoubt;
use Moltrek\Core\Quantity\Day;

it('offers the ways in which a head is held, the joint as it will be first', function (?int $fasteners, array $said) {
    expect(array_map(static fn (HeadHeld $way): string => $way->said(), HeadHeld::usual($fasteners)))->toBe($said);
})->with([
    'six' => [6, ['all 6, at full torque', '4 of 6, by hand', '2 of 6, by hand', '4 of 6, at 10 N·m']],
    'four' => [4, ['all 4, at full torque', 'all 4, by hand', '2 of 4, by hand', 'all 4, at 10 N·m']],
    'three: not on four of them' => [3, ['all 3, at full torque', '2 of 3, by hand']],
    'none listed' => [null, ['at full torque', '4, by hand', '2, by hand', '4, at 10 N·m']],
]);

it('sends each way as a reading says it', function (?int $fasteners) {
    foreach (HeadHeld::usual($fasteners) as $way) {
        $sent = json_decode((string) json_encode($way));
        expect(HeadHeld::read(Fields::of($sent, ...HeadHeld::payload()->names())))->toEqual($way);
    }
})->with([6, null]);

it('takes a check for overdue from the day after it was due', function (?string $due, bool $isOverdue) {
    expect(InstrumentDoubt::isOverdue($due === null ? null : Day::of($due), Day::of('2026-11-24')))->toBe($isOverdue);
})->with([
    'yesterday' => ['2026-11-23', true],
    'today' => ['2026-11-24', false],
    'next year' => ['2027-01-01', false],
    'never to be checked' => [null, false],
]);
