<?php

it('works out the timing bench as the contract writes it', function (string $name, string $document, array $expected) {
    expectAnswers($name, $document, $expected);
})->with([
    // throw 30, rod 120: a quarter turn is 150 − √13500
    'a quarter turn, and a dial that leans 60 degrees reads twice as much' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","incline":"60 deg","at":[{"degrees":"90 deg"},{"degrees":"-90 deg"},{"degrees":"450 deg"},{"degrees":"270 deg"}]}',
        ['at.0.below_tdc' => 150 - sqrt(13500), 'at.0.dial' => 2 * (150 - sqrt(13500)), 'at.0.degrees' => 90.0, 'at.1.degrees' => 90.0, 'at.2.degrees' => 90.0, 'at.3.degrees' => 90.0]],
    'both dead centres' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","at":[{"below_tdc":"0 mm"},{"below_tdc":"60 mm"},{"dial":"60 mm"}]}', ['at.0.degrees' => 0.0, 'at.1.degrees' => 180.0, 'at.2.below_tdc' => 60.0]],
    // halfway: (341.5 + 380)/2 − 360 = 0.75, and (330 + 391.6)/2 − 360 = 0.8
    'two pairs at a stop' => ['dead-centre', '{"pairs":[{"before":"341.5 deg","after":"20.0 deg"},{"before":"31.6 deg","after":"330 deg"}]}',
        ['tdc' => 0.775, 'set_by' => -0.775, 'spread' => 0.05, 'pairs.0.middle' => 0.75, 'pairs.0.half' => 19.25, 'pairs.1.middle' => 0.8, 'pairs.1.half' => 30.8, 'half_width' => null]],
    'middles on both sides of nothing: 358 and 1' => ['dead-centre', '{"pairs":[{"before":"350 deg","after":"6 deg"},{"before":"352 deg","after":"10 deg"}]}', ['tdc' => 359.5, 'set_by' => 0.5, 'spread' => 3.0]],
    'a wheel set upside down' => ['dead-centre', '{"pairs":[{"before":"170 deg","after":"190 deg"}]}', ['tdc' => 180.0, 'set_by' => 180.0, 'spread' => 0.0]],
    // close to the top x = r·(1 + r/l)·θ²/2: √(0.02/37.5) = 1.3232 degrees to four places
    'a dwell of a hundredth' => ['dead-centre', '{"dwell":{"stroke":"60 mm","rod":"120 mm","resolution":"0.01 mm"}}', ['tdc' => null, 'pairs' => [], 'spread' => null]],
    'too late by a degree and a half: against the rotation, 40 · 1.5 · π/180 along the rim' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"nominal":"20 deg","plus":"1 deg","minus":"1 deg"},"read":{"degrees":"18.5 deg"},"plate":{"radius":"40 mm","rotation":"clockwise"}}',
        ['off' => -1.5, 'verdict.state' => 'out', 'verdict.side' => 'low', 'plate.turn' => 1.5, 'plate.rim' => M_PI / 3, 'plate.way' => 'anticlockwise', 'point.low.degrees' => 19.0, 'point.high.degrees' => 21.0]],
    'too early on a shaft at half speed: with it, by half' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"nominal":"20 deg"},"read":{"degrees":"23 deg"},"plate":{"rotation":"clockwise","speed":"half"}}',
        ['off' => 3.0, 'verdict.state' => 'unknown', 'plate.turn' => 1.5, 'plate.rim' => null, 'plate.way' => 'clockwise', 'point.aim.degrees' => 20.0, 'point.low' => null]],
    'just right' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"min":"19 deg","max":"21 deg"},"read":{"degrees":"20 deg"},"plate":{"rotation":"anticlockwise"}}', ['off' => 0.0, 'plate.way' => null, 'verdict.state' => 'within', 'verdict.margin' => 1.0]],
    'the doubt reaches across: 18.7 to 19.7' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"min":"19 deg","max":"21 deg"},"read":{"degrees":"19.2 deg"},"doubt":"0.5 deg"}', ['verdict.state' => 'unsure', 'verdict.likely' => 'within', 'plate' => null]],
    'a way against a point in degrees: 90 degrees is 150 − √13500' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"max":"90 deg"},"read":{"below_tdc":"33.810500 mm"},"doubt":"1 mm"}', ['point.aim.degrees' => 90.0, 'verdict.state' => 'unsure', 'verdict.side' => 'high']],
    'nothing aimed at' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"service_min":"1 mm"},"read":{"below_tdc":"0.5 mm"},"plate":{"rotation":"clockwise"}}', ['off' => null, 'plate' => null, 'verdict.state' => 'out']],
    // inlet 20 + 180 + 56 = 256, 128 − 20 = 108; exhaust 58 + 180 + 14 = 252, 126 − 14 = 112
    'a cam by its events' => ['cam-events', '{"inlet":{"opens":"20 deg","closes":"56 deg"},"exhaust":{"opens":"58 deg","closes":"14 deg"},"spec":{"inlet_centreline":{"nominal":"105 deg","plus":"2 deg","minus":"2 deg"},"exhaust_centreline":{"min":"99 deg","max":"101 deg"},"separation":{"min":"109.6 deg"}},"doubt":"1 deg","wheel":{"teeth":34}}',
        ['inlet.duration' => 256.0, 'inlet.centreline' => 108.0, 'exhaust.centreline' => 112.0, 'separation' => 110.0, 'overlap' => 34.0,
            'corrections.inlet.crank' => 3.0, 'corrections.inlet.cam' => 1.5, 'corrections.inlet.way' => 'advance', 'corrections.inlet.teeth' => 0, 'corrections.inlet.left' => 3.0,
            'corrections.exhaust.crank' => 12.0, 'corrections.exhaust.way' => 'retard', 'corrections.exhaust.teeth' => 1, 'corrections.exhaust.left' => 12 - 720 / 34,
            // the doubt of the separation is half a degree, of a centreline 1/√2
            'verdicts.separation.state' => 'unsure', 'verdicts.inlet_centreline.state' => 'out', 'verdicts.inlet_centreline.side' => 'high']],
    'a cam that opens late' => ['cam-events', '{"inlet":{"opens":"-5 deg","closes":"25 deg"}}', ['inlet.duration' => 200.0, 'inlet.centreline' => 105.0, 'exhaust' => null, 'separation' => null, 'overlap' => null, 'corrections.inlet' => null, 'verdicts.separation.state' => 'unknown']],
    'half a tooth is none' => ['cam-tooth', '{"teeth":36,"error":"5 deg","of":"cam"}', ['tooth.cam' => 10.0, 'tooth.crank' => 20.0, 'best' => 0, 'left.cam' => 5.0]],
    'more than half is one' => ['cam-tooth', '{"teeth":36,"error":"10.2 deg","of":"crank"}', ['best' => 1, 'left.crank' => -9.8, 'left.cam' => -4.9]],
    'the other way' => ['cam-tooth', '{"teeth":36,"error":"-15.1 deg","of":"cam"}', ['best' => -2, 'left.cam' => 4.9]],
    'every second turn' => ['mark-turns', '{"turned":22,"other":44}', ['turns' => 2, 'other_turns' => 1]],
    'wheels that hunt: lcm(22, 36) = 396' => ['mark-turns', '{"turned":22,"other":36}', ['turns' => 18, 'other_turns' => 11]],
    'a longer way advances a cam that is pulled' => ['cam-shift', '{"change":"0.30 mm","teeth":34,"pitch":"6.35 mm"}', ['radius' => 6.35 / 2 / sin(M_PI / 34), 'cam' => 0.3 / (6.35 / 2 / sin(M_PI / 34)) * 180 / M_PI, 'way' => 'advance']],
    'a skimmed face retards it' => ['cam-shift', '{"change":"-0.30 mm","teeth":34,"pitch":"6.35 mm"}', ['crank' => 0.6 / (6.35 / 2 / sin(M_PI / 34)) * 180 / M_PI, 'way' => 'retard']],
    'nothing changed' => ['cam-shift', '{"change":"0 mm","teeth":34,"pitch":"6.35 mm"}', ['cam' => 0.0, 'way' => null]],
]);

it('tells how far a dwell can be believed', function () {
    expect(calculated('dead-centre', '{"dwell":{"stroke":"60 mm","rod":"120 mm","resolution":"0.01 mm"}}', 'half_width'))->toEqualWithDelta(1.3232, 1e-3);
});

it('refuses by field what the timing bench cannot use', function (string $name, string $document, string $field) {
    $answer = $this->actingAs($this->person())->call('POST', '/api/calculations/'.$name, content: $document)->assertStatus(422)->json();
    expect($answer['field'])->toBe($field);
})->with([
    'two ways of saying it' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","at":[{"degrees":"1 deg"},{"degrees":"1 deg","dial":"1 mm"}]}', 'at.1'],
    'none' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","at":[{}]}', 'at.0'],
    'no place' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","at":[]}', 'at'],
    'past the bottom' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","at":[{"below_tdc":"60.000001 mm"}]}', 'at.0.below_tdc'],
    'past it on the dial' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","incline":"60 deg","at":[{"dial":"120.1 mm"}]}', 'at.0.dial'],
    'a dial that lies down' => ['piston-way', '{"stroke":"60 mm","rod":"120 mm","incline":"61 deg","at":[{"degrees":"1 deg"}]}', 'incline'],
    'a rod shorter than the throw' => ['piston-way', '{"stroke":"60 mm","rod":"30 mm","at":[{"degrees":"1 deg"}]}', 'rod'],
    'exactly opposite' => ['dead-centre', '{"pairs":[{"before":"10 deg","after":"190 deg"}]}', 'pairs.0'],
    'a doubtful pair' => ['dead-centre', '{"pairs":[{"before":"350 deg","after":"10 deg"},{"before":"90 deg","after":"110 deg"}]}', 'pairs'],
    'both ways' => ['dead-centre', '{"pairs":[],"dwell":{"stroke":"60 mm","rod":"120 mm","resolution":"0.01 mm"}}', 'dwell'],
    'neither' => ['dead-centre', '{}', 'pairs'],
    'no pair' => ['dead-centre', '{"pairs":[]}', 'pairs'],
    'degrees and millimetres' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"min":"19 deg","max":"2 mm"},"read":{"degrees":"20 deg"}}', 'point'],
    'a point past the bottom' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"max":"181 deg"},"read":{"degrees":"20 deg"}}', 'point.max'],
    'a tolerance past the top' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{"nominal":"2 deg","minus":"3 deg"},"read":{"degrees":"20 deg"}}', 'point.nominal'],
    'read after the top' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{},"read":{"degrees":"-1 deg"}}', 'read.degrees'],
    'read twice' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{},"read":{"degrees":"1 deg","dial":"1 mm"}}', 'read'],
    'a doubt of another kind' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{},"read":{"degrees":"1 deg"},"doubt":"1 mm"}', 'doubt'],
    'a negative doubt' => ['cam-events', '{"doubt":"-1 deg"}', 'doubt'],
    'a plate that turns no way' => ['ignition', '{"stroke":"60 mm","rod":"120 mm","point":{},"read":{"degrees":"1 deg"},"plate":{"rotation":"left"}}', 'plate.rotation'],
    'a cam that never opens' => ['cam-events', '{"inlet":{"opens":"-100 deg","closes":"-80 deg"}}', 'inlet'],
    'two teeth' => ['cam-tooth', '{"teeth":2,"error":"1 deg","of":"cam"}', 'teeth'],
    'of what' => ['cam-tooth', '{"teeth":20,"error":"1 deg","of":"wheel"}', 'of'],
    'a wheel of one' => ['mark-turns', '{"turned":1,"other":2}', 'turned'],
]);
