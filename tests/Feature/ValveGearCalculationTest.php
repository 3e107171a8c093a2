<?php

use App\Calculations\Registry;
use Moltrek\Core\Refusal\Refusal;

function fieldRefused(string $name, string $document): string
{
    try {
        Registry::named($name)->answer(json_decode($document));
    } catch (Refusal $refusal) {
        return $refusal->toArray()['field'];
    }

    return 'taken';
}

/** A four that fires 1-2-4-3, inlets from 342 to 586 after their own firing, exhausts from 132 to 372. */
function fourCylinders(string $more = ''): string
{
    $valves = [];
    foreach (['1', '2', '3', '4'] as $cylinder) {
        $valves[] = '{"id":"'.$cylinder.'in","cylinder":"'.$cylinder.'","opens":"342 deg","closes":"586 deg"}';
        $valves[] = '{"id":"'.$cylinder.'ex","cylinder":"'.$cylinder.'","opens":"132 deg","closes":"372 deg"}';
    }

    return '{"cylinders":{"1":"0 deg","2":"180 deg","3":"540 deg","4":"360 deg"},"valves":['.implode(',', $valves).']'.$more.'}';
}

it('sets the valves of a four in two positions, a turn apart', function () {
    // inlet of 1: from 606 to 322+720, exhaust of 1: from 392 to 112+720; both at once from 606 to 832, which is 606 to 112.
    // 2 the same from 66 to 292, 3 from 426 to 652, 4 from 246 to 472. Alone, an inlet lies 606 to 322 and so on: two positions do.
    $answer = json_decode(json_encode(Registry::named('lash-positions')->answer(json_decode(fourCylinders(',"marks":["0 deg"]')))), true);
    expect($answer['at_least'])->toBe(2)->and(array_sum(array_map(fn (array $each): int => count($each['valves']), $answer['positions'])))->toBe(8);
    $settable = function (string $valve, float $crank): bool {
        $own = fmod($crank - ['1' => 0, '2' => 180, '3' => 540, '4' => 360][$valve[0]] + 1440, 720);

        return str_ends_with($valve, 'in') ? $own >= 606 || $own <= 322 : $own >= 392 || $own <= 112;
    };
    foreach ($answer['positions'] as $position) {
        foreach ($position['valves'] as $valve) {
            expect($settable($valve, $position['crank']['value']))->toBeTrue();
        }
    }
    expect(array_column($answer['positions'], 'on_mark'))->toBe([true, true]);
});

it('sets a single at its firing top, and says so where that is a mark', function () {
    expectAnswers('lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"in","cylinder":"1","opens":"340 deg","closes":"580 deg"},{"id":"ex","cylinder":"1","opens":"140 deg","closes":"380 deg"}],"marks":["0 deg"]}', [
        'at_least' => 1, 'positions.0.crank' => 0.0, 'positions.0.on_mark' => true, 'positions.0.valves' => ['in', 'ex'],
    ]);
});

it('begins where the crank stands, and gives each valve the first position at which it may be set', function () {
    // settable from 100 + 20 round to 50 − 20: where the crank stands is inside, and on a mark
    $answer = calculated('lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"50 deg","closes":"100 deg"}],"marks":["300 deg"],"from":"300 deg"}', 'positions');
    expect($answer)->toHaveCount(1)->and((float) $answer[0]['crank']['value'])->toBe(300.0)->and($answer[0]['on_mark'])->toBeTrue();
});

it('takes a single angle for room, and no less', function () {
    // open for 300, margins of 210 at both ends leave 720 − 300 − 420 = 0
    $document = fn (string $margin): string => '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"100 deg","closes":"400 deg"}],"margin":"'.$margin.'"}';
    expectAnswers('lash-positions', $document('210 deg'), ['at_least' => 1, 'positions.0.crank' => 610.0]);
    expect(fieldRefused('lash-positions', $document('210.1 deg')))->toBe('valves.0');
});

it('moves shims before it buys any', function () {
    // 1 is 0.05 too tight and wants 2.45, 2 is 0.05 too wide and wants 2.50 less: 1 has 2.50 and 2 has 2.45, they change over
    expectAnswers('shims', '{"valves":[{"id":"1","measured":"0.12 mm","shim":"2.50 mm"},{"id":"2","measured":"0.26 mm","shim":"2.42 mm"}],"target":{"min":"0.15 mm","max":"0.25 mm"},"sold":{"from":"2.00 mm","to":"3.00 mm","step":"0.02 mm"}}', [
        'bought' => 0, 'valves.0.source.kind' => 'moved', 'valves.0.source.valve' => '2', 'valves.0.to' => 2.42, 'valves.0.after.low' => 0.20,
        'valves.1.source.kind' => 'moved', 'valves.1.source.valve' => '1', 'valves.1.after.high' => 0.18, 'spare' => [],
    ]);
});

it('leaves what fits, takes from the shelf, and buys what is left, by size', function () {
    expectAnswers('shims', '{"valves":[{"id":"a","measured":"0.20 mm","shim":"2.40 mm"},{"id":"b","measured":{"passes":"0.08 mm","refuses":"0.10 mm"},"shim":"2.50 mm"},{"id":"c","measured":"0.05 mm","shim":"2.80 mm"}],"target":{"min":"0.15 mm","max":"0.25 mm"},"shelf":[{"size":"2.40 mm","count":2}],"sold":{"from":"1.20 mm","to":"3.50 mm","step":"0.05 mm"}}', [
        'valves.0.source.kind' => 'stays', 'valves.0.after.low' => 0.2,
        // 0.08 to 0.10 with 0.10 less: 0.18 to 0.20
        'valves.1.source.kind' => 'shelf', 'valves.1.to' => 2.40, 'valves.1.after.low' => 0.18, 'valves.1.after.high' => 0.20,
        // 0.05 + 2.80 − 2.65 = 0.20, exactly what is aimed at; the two shims that came out and one of the shelf are left
        'valves.2.source.kind' => 'bought', 'valves.2.to' => 2.65, 'bought' => 1, 'buy.0.count' => 1, 'buy.0.size' => 2.65,
        'spare.0' => 2.8, 'spare.1' => 2.5, 'spare.2' => 2.4,
    ]);
});

it('moves a finger’s valve by its lever', function () {
    // 0.10 too tight by 0.10 at a ratio of 1.6: 0.0625 thinner meets the middle, 0.05 gives 0.18, 0.075 gives 0.22
    expectAnswers('shims', '{"valves":[{"id":"a","measured":"0.10 mm","shim":"2.500 mm","ratio":1.6}],"target":{"min":"0.15 mm","max":"0.25 mm"},"sold":{"from":"2.400 mm","to":"2.600 mm","step":"0.025 mm"}}', [
        'valves.0.to' => 2.425, 'valves.0.after.low' => 0.22, 'bought' => 1,
    ]);
});

it('refuses shims that cannot be had', function (string $more, string $field) {
    expect(fieldRefused('shims', '{"valves":[{"id":"a","measured":"0.05 mm","shim":"2.50 mm"}]'.$more.'}'))->toBe($field);
})->with([
    'no target' => ['', 'valves.0'],
    'nothing at hand' => [',"target":{"min":"0.15 mm","max":"0.25 mm"}', 'valves.0.measured'],
    'sizes that end too soon' => [',"target":{"min":"0.15 mm","max":"0.25 mm"},"sold":{"from":"2.45 mm","to":"3.00 mm","step":"0.05 mm"}', 'valves.0.measured'],
    'sizes that run backwards' => [',"target":{"min":"0.15 mm","max":"0.25 mm"},"sold":{"from":"3.45 mm","to":"3.00 mm","step":"0.05 mm"}', 'sold.from'],
    'a target upside down' => [',"target":{"min":"0.25 mm","max":"0.15 mm"}', 'target.min'],
    'one shim for two' => [',"target":{"min":"0.15 mm","max":"0.25 mm"},"shelf":[{"size":"2.35 mm","count":0}]', 'valves.0.measured'],
]);

it('says when valves can each be served, but not all together', function () {
    expect(fieldRefused('shims', '{"valves":[{"id":"a","measured":"0.05 mm","shim":"2.50 mm"},{"id":"b","measured":"0.05 mm","shim":"2.50 mm"}],"target":{"min":"0.15 mm","max":"0.25 mm"},"shelf":[{"size":"2.35 mm"}]}'))->toBe('valves');
});

it('lets a rod out by turns and flats of its own thread', function (string $document, array $expected) {
    expectAnswers('pushrod-turns', $document, $expected);
})->with([
    // 3.175 mm is an eighth of an inch: 24 threads to the inch make 3 turns
    'an eighth at 24 to the inch' => ['{"preload":"3.175 mm","thread":{"per_inch":24}}', ['turns' => 3.0, 'flats' => 18, 'whole_turns' => 3, 'rest_flats' => 0, 'preload' => 3.175]],
    // 3.0 mm at a pitch of 1 mm, 2.5 flats of a turn of 5: 15 flats
    'the middle of a range at a metric pitch' => ['{"preload":{"min":"2.5 mm","max":"3.5 mm"},"thread":{"pitch":"1 mm"},"flats":5}', ['turns' => 3.0, 'flats' => 15]],
    // 2.25 mm at 1 mm: 13.5 flats of 6, halfway goes up
    'halfway between two flats' => ['{"preload":"2.25 mm","thread":{"pitch":"1 mm"}}', ['turns' => 2.25, 'flats' => 14, 'whole_turns' => 2, 'rest_flats' => 2, 'preload' => 14 / 6]],
]);

it('grinds a stem to where its clearance fits, and none that is wide', function (string $measured, array $expected) {
    expectAnswers('stem-grind', '{"measured":'.$measured.',"target":{"min":"0.10 mm","max":"0.15 mm"}}', $expected);
})->with([
    'a figure' => ['"0.04 mm"', ['grind.at_least' => 0.06, 'grind.at_most' => 0.11, 'grind.aim' => 0.085, 'verdict.state' => 'out', 'verdict.side' => 'low']],
    'leaves' => ['{"passes":"0.04 mm","refuses":"0.05 mm"}', ['grind.at_least' => 0.06, 'grind.at_most' => 0.10, 'grind.aim' => 0.08]],
    'leaves as far apart as the target: one cut' => ['{"passes":"0.02 mm","refuses":"0.07 mm"}', ['grind.at_least' => 0.08, 'grind.at_most' => 0.08]],
    'leaves further apart' => ['{"passes":"0.02 mm","refuses":"0.08 mm"}', ['grind' => null]],
    'inside' => ['"0.12 mm"', ['grind' => null, 'verdict.state' => 'within']],
    'too wide' => ['"0.20 mm"', ['grind' => null, 'verdict.state' => 'out', 'verdict.side' => 'high']],
]);

it('judges leaks, compression and mixture', function (string $name, string $document, array $expected) {
    expectAnswers($name, $document, $expected);
})->with([
    'three kPa in six minutes' => ['leak-rate', '{"start":"50 kPa","end":"47 kPa","time":"6 min","limit":{"drop":"7 kPa","time":"6 min"}}', ['drop' => 3.0, 'per_minute' => 0.5, 'state' => 'within', 'allowed_per_minute' => 7 / 6]],
    'just what is allowed' => ['leak-rate', '{"start":"0.5 bar","end":"0.43 bar","time":"3 min","limit":{"drop":"7 kPa","time":"3 min"}}', ['state' => 'within']],
    'twice as fast' => ['leak-rate', '{"start":"50 kPa","end":"36 kPa","time":"6 min","limit":{"drop":"7 kPa","time":"6 min"}}', ['state' => 'out']],
    'no limit' => ['leak-rate', '{"start":"50 kPa","end":"36 kPa","time":"6 min"}', ['state' => 'unknown', 'allowed_per_minute' => null]],
    'a tenth lost, a tenth allowed' => ['leak-down', '{"supply":"700 kPa","held":"630 kPa","limit":0.1,"service":0.2}', ['lost' => 0.1, 'state' => 'within']],
    'between limit and service' => ['leak-down', '{"supply":"700 kPa","held":"595 kPa","limit":0.1,"service":0.2}', ['lost' => 0.15, 'state' => 'worn']],
    'past service' => ['leak-down', '{"supply":"700 kPa","held":"490 kPa","limit":0.1,"service":0.2}', ['state' => 'out']],
    'service alone' => ['leak-down', '{"supply":"700 kPa","held":"595 kPa","service":0.2}', ['state' => 'within']],
    'two cylinders' => ['compression-test', '{"cylinders":{"1":"1200 kPa","2":"1020 kPa"},"limit":{"min":"1100 kPa"},"spread":0.1}', ['lowest.cylinder' => '2', 'highest.value' => 1200.0, 'spread' => 0.15, 'states.1' => 'within', 'states.2' => 'out', 'spread_state' => 'out']],
    'of equals the first' => ['compression-test', '{"cylinders":{"a":"0 kPa","b":"0 kPa"}}', ['lowest.cylinder' => 'a', 'highest.cylinder' => 'a', 'spread' => 0.0, 'states.a' => 'unknown', 'spread_state' => 'unknown']],
    'five litres at thirty-two' => ['premix', '{"fuel":"5 L","ratio":32}', ['oil' => 156.25]],
]);

it('refuses by the key that is wrong', function (string $name, string $document, string $field) {
    expect(fieldRefused($name, $document))->toBe($field);
})->with([
    ['lash-positions', '{"cylinders":{},"valves":[]}', 'cylinders'],
    ['lash-positions', '{"cylinders":{"1":"720 deg"},"valves":[]}', 'cylinders.1'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"2","opens":"0 deg","closes":"1 deg"}]}', 'valves.0.cylinder'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"9 deg","closes":"1 deg"}]}', 'valves.0.opens'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"0 deg","closes":"1 deg"},{"id":"a","cylinder":"1","opens":"0 deg","closes":"1 deg"}]}', 'valves'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"0 deg","closes":"1 deg"}],"margin":"-1 deg"}', 'margin'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"0 deg","closes":"1 deg"}],"marks":["10 deg","360 deg"]}', 'marks.1'],
    ['lash-positions', '{"cylinders":{"1":"0 deg"},"valves":[{"id":"a","cylinder":"1","opens":"0 deg","closes":"1 deg"}],"from":"720 deg"}', 'from'],
    ['shims', '{"valves":[{"id":"a","measured":{"passes":"0.1 mm"},"shim":"2 mm"}],"target":{"min":"0.1 mm","max":"0.2 mm"}}', 'valves.0.measured.refuses'],
    ['shims', '{"valves":[{"id":"a","measured":"0.1 mm","shim":"2 mm","ratio":0}],"target":{"min":"0.1 mm","max":"0.2 mm"}}', 'valves.0.ratio'],
    ['pushrod-turns', '{"preload":"3 mm","thread":{}}', 'thread'],
    ['pushrod-turns', '{"preload":"3 mm","thread":{"per_inch":24,"pitch":"1 mm"}}', 'thread'],
    ['pushrod-turns', '{"preload":"3 mm","thread":{"per_inch":24},"flats":2}', 'flats'],
    ['stem-grind', '{"measured":"0.1 mm"}', 'target'],
    ['leak-rate', '{"start":"50 kPa","end":"51 kPa","time":"6 min"}', 'end'],
    ['leak-rate', '{"start":"50 kPa","end":"49 kPa","time":"0 min"}', 'time'],
    ['leak-rate', '{"start":"50 kPa","end":"49 kPa","time":"1 min","limit":{"drop":"1 kPa","time":"0 s"}}', 'limit.time'],
    ['leak-down', '{"supply":"0 kPa","held":"0 kPa"}', 'supply'],
    ['leak-down', '{"supply":"5 kPa","held":"6 kPa"}', 'held'],
    ['leak-down', '{"supply":"5 kPa","held":"5 kPa","limit":0.3,"service":0.2}', 'limit'],
    ['leak-down', '{"supply":"5 kPa","held":"5 kPa","limit":1.3}', 'limit'],
    ['compression-test', '{"cylinders":{}}', 'cylinders'],
    ['premix', '{"fuel":"5 L","ratio":4}', 'ratio'],
]);
