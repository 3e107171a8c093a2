<?php

use App\Calculations\Registry;

it('judges a deck by every point', function (string $readings, string $limit, array $expected) {
    expectAnswers('deck', '{"readings":['.$readings.'],"doubt":"0.02 mm","limit":'.$limit.'}', $expected);
})->with([
    'two figures, with doubt in the ends and out of mean and margin' => [
        '{"at":"left","value":"0.31 mm"},{"at":"right","value":"0.27 mm"}', '{"min":"0.20 mm","max":"0.50 mm"}',
        ['lowest.low' => 0.25, 'lowest.high' => 0.29, 'highest.low' => 0.29, 'highest.high' => 0.33, 'mean' => 0.29, 'verdict.state' => 'within', 'verdict.margin' => 0.07]],
    'proud, where the limit lets it be' => [
        '{"at":"left","value":"−0.10 mm"}', '{"min":"-0.20 mm","max":"0 mm"}',
        ['lowest.low' => -0.12, 'mean' => -0.1, 'verdict.state' => 'within', 'verdict.margin' => 0.1]],
    'a bridge that rocks is proud by an unknown amount' => [
        '{"at":"left","value":"0.31 mm"},{"at":"right","value":{"lifts":true}}', '{"min":"0.20 mm","max":"0.50 mm"}',
        ['lowest.low' => null, 'lowest.high' => 0.0, 'highest.low' => 0.29, 'highest.high' => 0.33, 'mean' => null,
            'verdict.state' => 'out', 'verdict.side' => 'low', 'verdict.margin' => -0.2]],
    'under nothing is not nothing' => ['{"at":"left","value":{"lifts":true}}', '{"min":"0 mm"}', ['verdict.state' => 'out', 'verdict.likely' => 'out', 'verdict.margin' => null]],
    'and lies under any most' => ['{"at":"left","value":{"lifts":true}}', '{"max":"0.50 mm"}', ['verdict.state' => 'within', 'verdict.margin' => 0.5]],
    'a bridge that rocks may be proud by more than is allowed' => [
        '{"at":"left","value":{"lifts":true}}', '{"min":"-0.20 mm","max":"0.50 mm"}', ['verdict.state' => 'unsure', 'verdict.between' => ['within', 'out'], 'verdict.likely' => 'within']],
    'the leaf that refuses is no possible depth' => ['{"at":"left","value":{"passes":"0.45 mm","refuses":"0.50 mm"}}', '{"max":"0.50 mm"}', ['verdict.state' => 'within', 'verdict.margin' => 0.0]],
    'the thinnest leaf refuses: from flush to that leaf' => [
        '{"at":"left","value":{"refuses":"0.05 mm"}}', '{"min":"0.05 mm"}', ['lowest.low' => 0.0, 'lowest.high' => 0.05, 'verdict.state' => 'out', 'verdict.margin' => -0.05]],
    'only a leaf that passes: no telling how deep' => [
        '{"at":"left","value":{"passes":"0.30 mm"}}', '{"max":"0.50 mm"}',
        ['highest.high' => null, 'verdict.state' => 'unsure', 'verdict.side' => 'high', 'verdict.likely' => 'within', 'verdict.margin' => null]],
    'but beside a figure there is a margin' => [
        '{"at":"left","value":{"passes":"0.30 mm"}},{"at":"right","value":"0.35 mm"}', '{"max":"0.50 mm"}', ['verdict.margin' => 0.15]],
]);

it('judges a squish at its thinnest point', function (string $readings, string $limit, array $expected) {
    expectAnswers('squish', '{"readings":['.$readings.'],"doubt":"0.02 mm","limit":'.$limit.'}', $expected);
})->with([
    'two figures' => [
        '{"at":"front","value":"1.24 mm"},{"at":"rear","value":"1.18 mm"}', '{"min":"1.00 mm","max":"1.40 mm"}',
        ['thinnest.low' => 1.16, 'thinnest.high' => 1.2, 'thinnest.at' => 'rear', 'mean' => 1.21, 'spread' => 0.06, 'verdict.state' => 'within', 'verdict.margin' => 0.18]],
    'one has no spread' => ['{"at":"front","value":"1.24 mm"}', '{}', ['mean' => 1.24, 'spread' => null, 'verdict.state' => 'unknown']],
    'a wire of four uncrushed: no mean, the thinnest as before' => [
        '{"at":"1","value":"1.24 mm"},{"at":"2","value":"1.18 mm"},{"at":"3","value":{"uncrushed":"1.50 mm"}},{"at":"4","value":"1.30 mm"}', '{"min":"1.00 mm","max":"1.40 mm"}',
        ['thinnest.low' => 1.16, 'mean' => null, 'spread' => null, 'verdict.state' => 'within']],
    'none crushed: at least the wire' => [
        '{"at":"1","value":{"uncrushed":"1.50 mm"}}', '{"max":"1.40 mm"}', ['thinnest.low' => 1.5, 'thinnest.high' => null, 'verdict.state' => 'out', 'verdict.side' => 'high', 'verdict.margin' => -0.1]],
    'leaves that end where a figure with its doubt ends exclude that end' => [
        '{"at":"1","value":{"passes":"1.20 mm","refuses":"1.30 mm"}},{"at":"2","value":"1.28 mm"}', '{"min":"1.30 mm"}',
        ['thinnest.low' => 1.2, 'thinnest.high' => 1.3, 'verdict.state' => 'out', 'verdict.likely' => 'out', 'verdict.margin' => -0.1]],
    'margin from the least high end without doubt' => [
        '{"at":"1","value":{"passes":"0.90 mm"}},{"at":"2","value":"1.28 mm"}', '{"max":"1.40 mm"}', ['thinnest.low' => 0.9, 'thinnest.high' => 1.3, 'verdict.margin' => 0.12]],
    'the first of two equal ones' => ['{"at":"1","value":"1.2 mm"},{"at":"2","value":"1.2 mm"}', '{}', ['thinnest.at' => '1']],
]);

it('adds up what lies above a piston', function () {
    // a bore of 100 has 25π cm² = 78.54; 80 of stroke sweep 200π; an opening of 102 has 26.01π
    $document = '{"bore":"100 mm","stroke":"80 mm","cylinders":2,"chamber":"50 cc","gasket":{"opening":"102 mm","thickness":"1 mm"},"deck":"0.5 mm","dome":"4 cc","trapped":{"below_tdc":"40 mm"},"target":11}';
    $clearance = 50 + 2.601 * M_PI + 1.25 * M_PI - 4;
    expectAnswers('compression', $document, [
        'displacement' => 400 * M_PI, 'swept' => 200 * M_PI, 'clearance' => $clearance, 'ratio' => 1 + 200 * M_PI / $clearance,
        'trapped.swept' => 100 * M_PI, 'trapped.ratio' => 1 + 100 * M_PI / $clearance,
        'needed.clearance' => 20 * M_PI, 'needed.chamber' => 20 * M_PI - 3.851 * M_PI + 4, 'needed.thickness' => (20 * M_PI - 46 - 1.25 * M_PI) / (2.601 * M_PI),
    ]);
    // trapped by degrees: throw 40, rod 80, a quarter turn from the top is 40 + 80 − √(80² − 40²) = 50.718
    expectAnswers('compression', '{"bore":"100 mm","stroke":"80 mm","chamber":"50 cc","trapped":{"closes":"90 deg","rod":"80 mm"}}', [
        'trapped.swept' => 2.5 * M_PI * (120 - sqrt(4800)), 'needed' => null, 'displacement' => 200 * M_PI,
    ]);
    expectAnswers('compression', '{"bore":"100 mm","stroke":"80 mm","chamber":"90 cc","dome":"-6 cc","gasket":{"opening":"102 mm","thickness":"1 mm"},"target":20}', ['needed.thickness' => null]);
});

it('turns port heights into degrees and back, and says what a change below the barrel does', function () {
    // throw 30, rod 120: a quarter turn is 150 − √13500 = 33.8105
    $document = '{"stroke":"60 mm","rod":"120 mm","deck":"0.2 mm","change":"0.5 mm","ports":[{"id":"exhaust","opens":"90 deg"},{"id":"lowest","top":"60.2 mm"}]}';
    $way = 150 - sqrt(13500);
    expectAnswers('port-timing', $document, [
        'ports.0.top' => $way + 0.2, 'ports.0.opens' => 90.0, 'ports.0.duration' => 180.0, 'ports.0.after.top' => $way + 0.2,
        // y = 150 − x grows by 0.5; the law of cosines gives the turn
        'ports.0.after.opens' => rad2deg(acos((30 ** 2 + (sqrt(13500) + 0.5) ** 2 - 120 ** 2) / (60 * (sqrt(13500) + 0.5)))),
        'ports.1.opens' => 180.0, 'ports.1.duration' => 0.0,
    ]);
    expectAnswers('port-timing', '{"stroke":"60 mm","rod":"120 mm","ports":[{"id":"a","top":"0 mm"}]}', ['ports.0.opens' => 0.0, 'ports.0.after' => null]);
});

it('finds the peak of the squish velocity', function () {
    // counted again by differences, a hundredth of a degree at a time
    $v = function (float $deg): float {
        $x = fn (float $d): float => 36 + 132 - (36 * cos(deg2rad($d)) + sqrt(132 ** 2 - (36 * sin(deg2rad($d))) ** 2));
        $speed = ($x($deg + 0.001) - $x($deg - 0.001)) / 0.002 * 8000 * 6 / 1000;
        $z = 1.2 + $x($deg);

        return $speed * 50 / (4 * $z) * ((72.5 / 50) ** 2 - 1) * 22000 / (M_PI / 4 * 72.5 ** 2 * $z + 22000);
    };
    $all = array_combine(range(1, 9000), array_map(fn (int $i): float => $v($i / 100), range(1, 9000)));
    $document = Registry::named('squish-velocity')->example();
    expect(calculated('squish-velocity', $document, 'peak'))->toEqualWithDelta(max($all), max($all) * 1e-4)
        ->and(calculated('squish-velocity', $document, 'peak.unit'))->toBe('m/s')
        ->and(calculated('squish-velocity', $document, 'at'))->toEqualWithDelta(array_search(max($all), $all, true) / 100, 0.1);
});

it('ranks what lands, and says what nearly does', function (string $document, array $expected) {
    expectAnswers('fit-by-thickness', $document, $expected);
})->with([
    'wanted 0.50 + (1.20 − 1.60) = 0.10; one 0.10 before two 0.05' => [
        '{"measured":"1.60 mm","fitted":["0.50 mm"],"target":{"min":"1.00 mm","max":"1.40 mm"},"shelf":[{"id":"a","thickness":"0.05 mm"},{"id":"b","thickness":"0.10 mm"}]}',
        ['wanted' => 0.1, 'choices.0.pieces' => ['b'], 'choices.1.pieces' => ['a', 'a'], 'choices.2.pieces' => ['a'], 'choices.3.pieces' => ['a', 'b'], 'choices.4.pieces' => ['b', 'b'],
            'choices.0.value.low' => 1.2, 'nearly' => []]],
    'no second one on the shelf' => [
        '{"measured":"1.60 mm","fitted":["0.50 mm"],"target":{"min":"1.15 mm","max":"1.40 mm"},"aim":"low","shelf":[{"id":"a","thickness":"0.05 mm","count":1},{"id":"b","thickness":"0.10 mm","count":0}]}',
        ['choices' => [['pieces' => ['a'], 'thickness' => ['value' => 0.05, 'unit' => 'mm'], 'value' => ['low' => ['value' => 1.15, 'unit' => 'mm'], 'high' => ['value' => 1.15, 'unit' => 'mm']]]]]],
    'a thicker lash shim makes it smaller' => [
        '{"measured":"0.28 mm","fitted":["2.60 mm"],"coefficient":-1,"target":{"min":"0.15 mm","max":"0.20 mm"},"shelf":[{"id":"s","thickness":"2.70 mm"}],"pieces":{"max":1}}',
        ['wanted' => 2.705, 'choices.0.value.low' => 0.18]],
    'both ends must be inside; the worse one says by how much it misses' => [
        '{"measured":{"low":"1.00 mm","high":"1.10 mm"},"fitted":[],"target":{"min":"1.20 mm","max":"1.29 mm"},"shelf":[{"id":"a","thickness":"0.19 mm"},{"id":"b","thickness":"0.20 mm"},{"id":"c","thickness":"0.40 mm"},{"id":"d","thickness":"0.18 mm"}],"pieces":{"max":1}}',
        ['choices' => [], 'nearly.0.pieces' => ['a'], 'nearly.1.pieces' => ['b'], 'nearly.2.pieces' => ['d']]],
    'no thickness does it' => ['{"measured":"2.00 mm","fitted":["0.50 mm"],"target":{"min":"1.00 mm","max":"1.20 mm"},"shelf":[]}', ['wanted' => null, 'choices' => [], 'nearly' => []]],
]);

it('refuses by field what cannot be', function (string $name, string $document, string $field) {
    $answer = $this->actingAs($this->person())->call('POST', '/api/calculations/'.$name, content: $document)->assertStatus(422)->json();
    expect($answer['field'])->toBe($field);
})->with([
    'a point twice' => ['deck', '{"readings":[{"at":"a","value":"0 mm"},{"at":"a","value":"0 mm"}]}', 'readings'],
    'two ways at once' => ['deck', '{"readings":[{"at":"a","value":{"passes":"0.1 mm","lifts":true}}]}', 'readings.0.value.lifts'],
    'a wire under a bridge' => ['deck', '{"readings":[{"at":"a","value":{"uncrushed":"1 mm"}}]}', 'readings.0.value.uncrushed'],
    'a bridge in a squish' => ['squish', '{"readings":[{"at":"a","value":{"lifts":true}}]}', 'readings.0.value.lifts'],
    'a negative squish' => ['squish', '{"readings":[{"at":"a","value":"-1 mm"}]}', 'readings.0.value'],
    'no reading' => ['squish', '{"readings":[]}', 'readings'],
    'crossed leaves' => ['squish', '{"readings":[{"at":"a","value":{"passes":"0.3 mm","refuses":"0.2 mm"}}]}', 'readings.0.value.passes'],
    'nothing left above' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","dome":"4 cc"}', 'chamber'],
    'a ratio of one' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","target":1}', 'target'],
    'a port below the stroke' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","trapped":{"below_tdc":"51 mm"}}', 'trapped.below_tdc'],
    'a rod shorter than the throw' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","trapped":{"closes":"80 deg","rod":"25 mm"}}', 'trapped.rod'],
    'two closings' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","trapped":{"below_tdc":"20 mm","closes":"80 deg"}}', 'trapped'],
    'half a cylinder' => ['compression', '{"bore":"50 mm","stroke":"50 mm","chamber":"4 cc","cylinders":0}', 'cylinders'],
    'a piece twice' => ['fit-by-thickness', '{"measured":"1 mm","fitted":[],"target":{"min":"1 mm","max":"2 mm"},"shelf":[{"id":"a","thickness":"1 mm"},{"id":"a","thickness":"2 mm"}]}', 'shelf'],
    'five together' => ['fit-by-thickness', '{"measured":"1 mm","fitted":[],"target":{"min":"1 mm","max":"2 mm"},"shelf":[],"pieces":{"max":5}}', 'pieces.max'],
    'a coefficient of nothing' => ['fit-by-thickness', '{"measured":"1 mm","fitted":[],"coefficient":0,"target":{"min":"1 mm","max":"2 mm"},"shelf":[]}', 'coefficient'],
    'a target upside down' => ['fit-by-thickness', '{"measured":"1 mm","fitted":[],"target":{"min":"2 mm","max":"1 mm"},"shelf":[]}', 'target.min'],
    'a bowl as wide as the bore' => ['squish-velocity', '{"bore":"50 mm","stroke":"50 mm","rod":"100 mm","speed":"9000 rpm","bowl":{"diameter":"50 mm","volume":"10 cc"},"squish":"1 mm"}', 'bowl.diameter'],
    'no squish' => ['squish-velocity', '{"bore":"50 mm","stroke":"50 mm","rod":"100 mm","speed":"9000 rpm","bowl":{"diameter":"40 mm","volume":"10 cc"},"squish":"0 mm"}', 'squish'],
    'an edge above the crown' => ['port-timing', '{"stroke":"60 mm","rod":"120 mm","deck":"1 mm","ports":[{"id":"a","top":"30 mm"},{"id":"b","top":"0.5 mm"}]}', 'ports.1'],
    'both ways of saying it' => ['port-timing', '{"stroke":"60 mm","rod":"120 mm","ports":[{"id":"a","top":"30 mm","opens":"80 deg"}]}', 'ports.0'],
    'beyond the bottom' => ['port-timing', '{"stroke":"60 mm","rod":"120 mm","ports":[{"id":"a","opens":"181 deg"}]}', 'ports.0'],
    'out of reach only after the change' => ['port-timing', '{"stroke":"60 mm","rod":"120 mm","change":"1 mm","ports":[{"id":"a","top":"0.5 mm"}]}', 'change'],
]);
