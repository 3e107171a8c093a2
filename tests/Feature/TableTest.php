<?php

use App\Models\Instrument;
use App\Models\Shelf;

it('takes tools from a table, all or none, and shows first what it understands', function () {
    $table = "Name\tKind\tRange\tDoubt\tNext check\nmicrometer M5\tmicrometer\t25 to 50 mm\t0.0001 in\t2027-10-01\nfeeler leaves F2\tfeeler leaves\t\t\t\n";
    $ask = fn (string $text, bool $keep) => $this->actingAs($this->person())->postJson('/api/tools/table', ['text' => $text] + ($keep ? ['keep' => true] : []));
    $ask($table, false)->assertOk()->assertJsonPath('kept', false)->assertJsonPath('rows.0.understood', 'micrometer M5, micrometer, 25 to 50 mm, ± 0.00254 mm')->assertJsonPath('rows.1.line', 3);
    expect(Instrument::named('micrometer-m5'))->toBeNull();
    $wrong = $table."gauge G9\thammer\n";
    $ask($wrong, false)->assertOk()->assertJsonPath('rows.2.understood', null)->assertJsonPath('rows.2.refused', fn (string $why): bool => str_starts_with($why, 'kind: '));
    $ask($wrong, true)->assertStatus(422)->assertJsonPath('field', 'text');
    expect(Instrument::named('micrometer-m5'))->toBeNull();
    $ask($table, true)->assertOk()->assertJsonPath('kept', true);
    expect(Instrument::named('micrometer-m5')?->kind)->toBe('micrometer')->and(Instrument::named('feeler-leaves-f2')?->leaves)->toBe([]);
});

it('takes the leaves of a set from one cell', function () {
    $this->actingAs($this->person())->postJson('/api/tools/table', ['text' => "name;kind;leaves\nleaves F3;feeler leaves;0.05 mm 0.10 mm 0.15 mm", 'keep' => true])->assertOk();
    expect(Instrument::named('leaves-f3')?->leaves)->toBe(['0.05 mm', '0.1 mm', '0.15 mm']);
});

it('counts the shelf by a table', function (string $text, ?string $refused) {
    $answer = $this->actingAs($this->person('petra'))->postJson('/api/shelf/table', ['text' => $text])->assertOk();
    expect($answer->json('rows.0.refused'))->toBe($refused);
    $this->postJson('/api/shelf/table', ['text' => $text, 'keep' => true])->assertStatus($refused === null ? 200 : 422);
    expect(Shelf::counts('harbick-421')['Oil filter'] ?? 0)->toBe($refused === null ? 9 : 6);
})->with([
    ["part,fits,count\nOil filter,,9", null],
    ["part,fits,count\nOil filter,steam-1,9", 'fits: This is not what is needed here. Accepted: a sheet of the spec book, or nothing for any engine.'],
    ["part,count\nOil filter,many", 'count: This is not what is needed here. Accepted: a whole number from 0 to 9999.'],
]);
