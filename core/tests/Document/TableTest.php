<?php

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Table;
use Moltrek\Core\Refusal\Refusal;

const COLUMNS = ['part', 'fits', 'count'];

/** @return array<int, array<string, mixed>> */
function tableOf(string $text): array
{
    return array_map(fn (Fields $row): array => array_combine($row->keys(), array_map($row->raw(...), $row->keys())), Table::read($text, COLUMNS));
}

it('reads rows by their heading, in whatever order and with whatever mark', function (string $text) {
    expect(tableOf($text))->toBe([2 => ['part' => 'Circlips, pair', 'count' => '4'], 4 => ['part' => 'Oil filter', 'fits' => 'harbick-421', 'count' => '2']]);
})->with([
    'tabs' => ["Part\tFits\tCount\nCirclips, pair\t\t4\n\nOil filter\tharbick-421\t2"],
    'semicolons' => ["part;fits;count\r\nCirclips, pair;;4\r\n\r\nOil filter;harbick-421;2\r\n"],
    'commas with quotes' => ["part,fits,count\n\"Circlips, pair\",,4\n\nOil filter,harbick-421,2"],
]);

it('reads a shorter line as far as it goes, and nothing out of nothing', function () {
    expect(tableOf("part\tcount\nCirclips"))->toBe([2 => ['part' => 'Circlips']])->and(tableOf("part,count\n"))->toBe([])
        ->and(array_keys(tableOf("count;part\n3;Oil filter")[2]))->toBe(['count', 'part']);
});

it('refuses a column that nobody keeps, and more than a shop has', function (string $text, string $why) {
    expect(fn () => tableOf($text))->toThrow(fn (Refusal $refusal) => expect($refusal->toArray()['allowed'])->toContain($why)->and($refusal->toArray()['field'])->toBe('text'));
})->with([['part,price', 'columns named part, fits, count'], ['', 'columns named'], ["part\n".str_repeat("x\n", 600), 'at most 500 lines']]);
