<?php

use Moltrek\Core\Document\Remainder;
use Moltrek\Core\Planning\Basis;
use Moltrek\Core\Planning\Errand;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Planning\SheetReport;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;

/** @return list<string> where something is refused */
function refusedFields(stdClass $document): array
{
    return array_map(fn (Refusal $refusal): string => $refusal->field, SheetReport::of($document)->refusals);
}

it('says everything that is wrong, each where it stands', function (callable $spoil, array $fields) {
    $sheet = sheetDocument('harbick-421');
    $spoil($sheet);
    expect(refusedFields($sheet))->toBe($fields);
})->with([
    'nothing' => [fn (stdClass $sheet) => $sheet, []],
    'two fasteners, the later one behind one that is left out' => [function (stdClass $sheet): void {
        [$sheet->fasteners[5]->x, $sheet->fasteners[9]->y] = ['abc', '12 stones'];
    }, ['fasteners.5.x', 'fasteners.9.y']],
    'limits crossed, and a wait after nothing' => [function (stdClass $sheet): void {
        [$sheet->limits[1]->min, $sheet->waits[0]->after] = ['0.2 mm', 'on.moon'];
    }, ['limits.1.min', 'waits.0.after']],
    'a part that every sheet has, and what comes after it' => [function (stdClass $sheet): void {
        [$sheet->piston->type, $sheet->limits[1]->min, $sheet->geometry->bore] = ['clay', '0.2 mm', '0 mm'];
    }, ['geometry.bore', 'piston.type', 'limits.1.min']],
    'an unknown key' => [function (stdClass $sheet): void {
        [$sheet->colour, $sheet->piston->colour] = ['red', 'grey'];
    }, ['colour', 'piston.colour']],
    'a cylinder without its name, whose valves are not refused for it' => [function (stdClass $sheet): void {
        unset($sheet->layout->cylinders[0]->name);
    }, ['layout.cylinders.0.name']],
    'a fastener of neither hand, whose place in the order is not refused for it' => [function (stdClass $sheet): void {
        $sheet->fasteners[3]->hand = 'up';
    }, ['fasteners.3.hand']],
]);

it('draws the rest of a sheet, but for one whose piston or bore had to be guessed', function () {
    $sheet = sheetDocument('harbick-421');
    $sheet->fasteners[5]->x = 'abc';
    expect(SheetReport::of($sheet)->sheet?->stack->fasteners)->toHaveCount(17);
    $sheet->piston->type = 'clay';
    expect(SheetReport::of($sheet)->sheet)->toBeNull()->and(SheetReport::of('text')->refusals)->toHaveCount(1);
});

it('comes to an end however much hangs on what is missing', function () {
    $sheet = sheetDocument('harbick-421');
    $sheet->slabs[4]->drawn_as = 'hat';
    $sheet->fasteners = array_map(fn (int $number): stdClass => (object) ['id' => "b$number", 'slab' => 'head', 'x' => "$number mm", 'y' => '0 mm', 'thread' => 'M6x1'], range(1, 400));
    $report = SheetReport::of($sheet);
    expect($report->sheet)->toBeNull()->and($report->refusals[0]->field)->toBe('slabs.4.drawn_as')->and(count($report->refusals))->toBeLessThan(26);
});

it('says what a sheet says and lacks', function () {
    $sheet = sheetDocument('harbick-421');
    unset($sheet->geometry->rod);
    $sheet->programmes = array_slice($sheet->programmes, 0, 1);
    $report = SheetReport::of($sheet);
    expect($report->says())->toContain('2 valves, single cam', '5 rings on each piston', '18 fasteners in 4 groups, 1 with a programme', '23 limits from piston maker, engine maker, ring maker', '1 wait')
        ->and($report->lacks())->toBe(['the rod’s length: asked for at the timing bench', 'torque of head, small, cover, cam: asked for at the pull']);
});

it('takes out what is named and knows where the rest stood', function () {
    $rest = new Remainder(json_decode('{"a": [{"id": "p"}, {"id": "q"}, {"id": "r"}, {"id": "s"}], "b": {"c": 1}}'));
    expect($rest->takeOut('a.1'))->toBeTrue()->and($rest->original('a.1'))->toBe('a.2')->and($rest->takeOut('a.1.id'))->toBeTrue()
        ->and($rest->takeOut('a.1'))->toBeTrue()->and($rest->original('a.1.id'))->toBe('a.3.id')->and($rest->original('a.0'))->toBe('a.0')
        ->and(json_encode($rest->document))->toBe('{"a":[{"id":"p"},{"id":"s"}],"b":{"c":1}}')
        ->and($rest->explains('x', 'q'))->toBeTrue()->and($rest->explains('a', ''))->toBeTrue()->and($rest->explains('a.1.id', 's'))->toBeFalse()
        ->and($rest->takeOut('b.d'))->toBeTrue()->and(json_encode($rest->document))->toBe('{"a":[{"id":"p"},{"id":"s"}]}')->and($rest->takeOut('z'))->toBeFalse();
});

/**
 * Every place of a document at which the editor offers something, with the schema of what stands there.
 *
 * @return list<array{list<string>, stdClass}>
 */
function offered(mixed $value, stdClass $schema, stdClass $whole, array $at = []): array
{
    $schema = isset($schema->{'$ref'}) ? $whole->{'$defs'}->{basename($schema->{'$ref'})} : $schema;
    $here = $at === [] ? [] : [[$at, $schema]];
    if ($value instanceof stdClass) {
        foreach (get_object_vars($value) as $key => $each) {
            if (isset($schema->properties->{$key})) {
                array_push($here, ...offered($each, $schema->properties->{$key}, $whole, [...$at, (string) $key]));
            }
        }
    } elseif (is_array($value) && isset($schema->items)) {
        foreach ($value as $index => $each) {
            array_push($here, ...offered($each, $schema->items, $whole, [...$at, (string) $index]));
        }
    }

    return $here;
}

/** One touch of the editor: another of the choices, another figure, a member more, fewer or elsewhere, a field emptied. */
function edited(stdClass $sheet, stdClass $whole, int $chance): void
{
    $places = offered($sheet, $whole, $whole);
    [$at, $schema] = $places[$chance % count($places)];
    $chance = intdiv($chance, count($places));
    $last = array_pop($at);
    $holder = array_reduce($at, fn (mixed $each, string $key): mixed => is_array($each) ? $each[(int) $key] : $each->{$key}, $sheet);
    if (is_array($holder)) {
        $list = $holder;
        $member = unserialize(serialize($list[(int) $last]));
        if ($member instanceof stdClass && isset($member->id)) {
            $member->id .= '-'.$chance % 7;
        }
        match ($chance % 3) {
            0 => array_splice($list, (int) $last, 1),
            1 => array_splice($list, (int) $last, 0, [$member]),
            default => [$list[(int) $last], $list[0]] = [$list[0], $list[(int) $last]],
        };
        $above = array_pop($at);
        $holder = array_reduce($at, fn (mixed $each, string $key): mixed => is_array($each) ? $each[(int) $key] : $each->{$key}, $sheet);
        is_object($holder) ? $holder->{$above} = $list : null;

        return;
    }
    $value = $holder->{$last};
    match (true) {
        $chance % 4 === 0 => (function () use ($holder, $last): void {
            unset($holder->{$last});
        })(),
        isset($schema->enum) => $holder->{$last} = $schema->enum[$chance % count($schema->enum)],
        ($schema->type ?? '') === 'boolean' => $holder->{$last} = ! $value,
        is_string($value) && isset($schema->pattern) => $holder->{$last} = preg_replace_callback('/^-?[\d.]+/', fn (array $figure): string => (string) round((float) $figure[0] * [0.5, 0.97, 1.02, 2, -1][$chance % 5], 3), $value),
        is_numeric($value) => $holder->{$last} = $value + $chance % 3 - 1,
        is_string($value) => $holder->{$last} = [$value.'x', 'head', 'pull.head', '1', 'top'][$chance % 5],
        default => null,
    };
}

it('has for every sheet that the editor can make either a place where it is wrong, or plans that come to an end', function () {
    $schema = json_decode(file_get_contents(__DIR__.'/../../../docs/schemas/engine-sheet.schema.json'));
    $validator = (new Opis\JsonSchema\Validator)->setMaxErrors(1);
    $slugs = array_map(fn (string $path): string => basename($path, '.json'), glob(__DIR__.'/../../../database/sheets/*.json'));
    $made = [];
    Property::holds(160, [Eris\Generators::elements(...$slugs), Eris\Generators::vector(4, Eris\Generators::choose(0, 1_000_000)), Eris\Generators::choose(1, 4)],
        function (string $slug, array $chances, int $touches) use ($schema, $validator, &$made): void {
            $sheet = sheetDocument($slug);
            foreach (array_slice($chances, 0, $touches) as $chance) {
                edited($sheet, $schema, $chance);
            }
            $report = SheetReport::of($sheet);
            $made[] = $report->refusals === [];
            foreach ($report->refusals as $refusal) {
                // the field it is said at is one that the editor has
                expect($refusal->getMessage())->not->toBe('')->and(in_array(explode('.', $refusal->field)[0], array_keys((array) $schema->properties), true))->toBeTrue($refusal->field);
            }
            if ($report->refusals !== []) {
                return;
            }
            expect($report->sheet)->not->toBeNull()->and($validator->validate(json_decode(json_encode($sheet)), $schema)->isValid())->toBeTrue(json_encode($sheet));
            foreach (Errand::on($report->sheet) as $errand) {
                $plan = Plan::of($report->sheet, new Basis([$errand]));
                $done = [];
                do {
                    $ready = array_filter($plan, fn ($step): bool => ! isset($done[$step->id]) && array_diff($step->order->needs, array_keys($done)) === []);
                    $done += array_fill_keys(array_keys($ready), true);
                } while ($ready !== []);
                expect(count($done))->toBe(count($plan));
            }
        });
    // both happen often enough for the law to have been tried
    expect(count(array_filter($made)))->toBeGreaterThan(24)->and(count($made) - count(array_filter($made)))->toBeGreaterThan(24);
});
