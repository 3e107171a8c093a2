<?php

use App\Models\Row;

it('reads a column as what it is', function () {
    $row = Row::of((object) ['n' => '12', 'count' => 3, 'name' => 'Petra', 'gone' => null, 'yes' => true]);
    expect([$row->whole('n'), $row->whole('count'), $row->text('name'), $row->text('count'), $row->textOrNull('gone'), $row->flag('yes'), $row->texts('name', 'gone', 'n')])
        ->toBe([12, 3, 'Petra', '3', null, true, ['Petra', null, '12']]);
});

it('gives nothing for a column of another sort', function (callable $read) {
    expect(fn () => $read())->toThrow(LogicException::class);
})->with([
    'no row' => [fn () => Row::of(null)],
    'an empty text' => [fn () => Row::of((object) ['a' => null])->text('a')],
    'a list' => [fn () => Row::of((object) ['a' => []])->text('a')],
    'no number' => [fn () => Row::of((object) ['a' => 'x'])->whole('a')],
    'an empty number' => [fn () => Row::of((object) ['a' => null])->whole('a')],
]);
