<?php

use App\Calculations\JsonText;
use App\Calculations\Registry;
use Symfony\Component\Process\Process;

/** @return array{0: list<mixed>, 1: int} the lines of answers, and the exit code */
function calc(string $name, string $input): array
{
    $process = new Process([base_path('moltrek'), 'calc', $name], base_path(), input: $input);
    $process->run();
    $lines = array_filter(explode("\n", $process->getOutput()), fn (string $line): bool => $line !== '');

    return [array_map(fn (string $line): mixed => json_decode($line, true), array_values($lines)), (int) $process->getExitCode()];
}

it('gives one answer on the command line and over HTTP', function (string $name) {
    $calculation = Registry::named($name);
    [$lines, $exit] = calc($name, $calculation->example());
    expect($exit)->toBe(0)->and($lines)->toHaveCount(1);
    $response = $this->actingAs($this->person())->call('POST', '/api/calculations/'.$name, content: $calculation->example(), server: ['CONTENT_TYPE' => 'application/json']);
    expect($response->status())->toBe(200)->and(json_decode($response->getContent(), true))->toBe($lines[0]);
})->with(array_keys(Registry::all()));

it('lists the calculations', function () {
    [, $exit] = calc('--list', '');
    expect($exit)->toBe(0);
    $this->actingAs($this->person())->getJson('/api/calculations')->assertOk()->assertJsonPath('0.name', 'convert');
});

it('answers line by line and says which line was wrong', function () {
    [$lines, $exit] = calc('convert', '{"value":"2.1650 in","to":"mm"}'."\n\n".'[1]'."\r\n".'{"value":"54.991 mm","to":"um"}'."\n".'{"valeu":"1 mm","to":"in"}');
    expect($exit)->toBe(2)->and($lines)->toHaveCount(4);
    expect($lines[0]['result'])->toBe(['value' => 54.991, 'unit' => 'mm']);
    expect($lines[1]['error']['field'])->toBe('');
    expect($lines[2]['result'])->toBe(['value' => 54991, 'unit' => 'µm']);
    expect($lines[3]['error']['field'])->toBe('valeu');
});

it('takes one object that runs over several lines', function () {
    [$lines, $exit] = calc('convert', "{\n \"value\": \"18 ft-lb\",\n \"to\": \"N·m\"\n}\n");
    expect($exit)->toBe(0)->and($lines)->toHaveCount(1)->and($lines[0]['result']['value'])->toEqualWithDelta(24.4047, 1e-4);
});

it('refuses by field what cannot be used', function (string $name, string $document, string $field) {
    $answer = json_decode($this->actingAs($this->person())->call('POST', '/api/calculations/'.$name, content: $document)->assertStatus(422)->getContent(), true);
    expect($answer['field'])->toBe($field)->and($answer['error']['field'])->toBe($field)->and(mb_strlen($answer['read']))->toBeLessThanOrEqual(80);
})->with([
    'a misspelt limit' => ['piston-clearance', '{"bore":"55 mm","piston":"54.9 mm","limit":{"mni":"0.05 mm"}}', 'limit.mni'],
    'a bare number' => ['piston-clearance', '{"bore":"55","piston":"54.9 mm"}', 'bore'],
    'a number that is no text' => ['piston-clearance', '{"bore":55,"piston":"54.9 mm"}', 'bore'],
    'a wrong dimension' => ['piston-clearance', '{"bore":"55 N·m","piston":"54.9 mm"}', 'bore'],
    'a deviation in a list' => ['piston-clearance', '{"bore":{"readings":["55 mm",{"setting":"55 mm","deviation":"x"}]},"piston":"54.9 mm"}', 'bore.readings.1.deviation'],
    'crossed limits' => ['piston-clearance', '{"bore":"55 mm","piston":"54.9 mm","limit":{"min":"0.07 mm","max":"0.06 mm"}}', 'limit.min'],
    'more shared than there is' => ['piston-clearance', '{"bore":{"setting":"55 mm","deviation":"0 mm"},"piston":"54.9 mm","doubt":{"setting":"1 µm","piston":"1 µm","shared":"2 µm"}}', 'doubt.shared'],
    'contradictory leaves' => ['ring-gap', '{"passes":"0.30 mm","refuses":"0.25 mm"}', 'passes'],
    'no leaf' => ['ring-gap', '{"limit":{"min":"0.2 mm"}}', 'passes'],
    'a rule without its bore' => ['ring-gap', '{"passes":"0.2 mm","rule":{"min":"0.1 mm","per":"1 in"}}', 'bore'],
    'a rule and a limit' => ['ring-gap', '{"passes":"0.2 mm","bore":"55 mm","rule":{"min":"0.1 mm","per":"1 in"},"limit":{}}', 'rule'],
    'another dimension asked for' => ['convert', '{"value":"1 mm","to":"bar"}', 'to'],
    'a hundred thousand letters' => ['convert', '{"value":"'.str_repeat('a', 100_000).'","to":"mm"}', 'value'],
    'not an object' => ['convert', '[]', ''],
]);

it('knows no calculation of another name', function () {
    $this->actingAs($this->person())->postJson('/api/calculations/alchemy', [])->assertStatus(404);
    expect(calc('alchemy', '{}')[1])->toBe(2);
});

it('escapes what would split a line', function () {
    $line = JsonText::encode(['text' => "a\u{2028}b\u{2029}c\u{85}d\ne"]);
    expect(preg_split('/[\n\x{2028}\x{2029}\x{85}]/u', $line))->toHaveCount(1)->and(json_decode($line, true)['text'])->toBe("a\u{2028}b\u{2029}c\u{85}d\ne");
});

it('refuses by field what the measuring bench cannot use', function (string $name, string $document, string $field) {
    $answer = json_decode($this->actingAs($this->person())->call('POST', '/api/calculations/'.$name, content: $document)->assertStatus(422)->getContent(), true);
    expect($answer['field'])->toBe($field);
})->with([
    'shared has no place in a clearance' => ['clearance', '{"hole":"16 mm","shaft":"15.9 mm","doubt":{"shared":"1 µm"}}', 'doubt.shared'],
    'a shaft of nothing' => ['clearance', '{"hole":"16 mm","shaft":"0 mm"}', 'shaft'],
    'a negative tolerance' => ['clearance', '{"hole":"16 mm","shaft":"16.01 mm","limit":{"nominal":"-0.01 mm","plus":"-0.01 mm"}}', 'limit.plus'],
    'a place read twice' => ['bore-map', '{"readings":[{"depth":"12 mm","axis":"pin","value":"86 mm"},{"depth":"1.2 cm","axis":"pin","value":"86 mm"}]}', 'readings'],
    'no readings' => ['bore-map', '{"readings":[]}', 'readings'],
    'a depth above the face' => ['bore-map', '{"readings":[{"depth":"-1 mm","axis":"pin","value":"86 mm"}]}', 'readings.0.depth'],
    'smallest over largest' => ['oversize', '{"lining":"iron","bore":{"smallest":"86.1 mm","largest":"86 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"}}', 'bore.smallest'],
    'iron without a clean-up' => ['oversize', '{"lining":"iron","bore":{"smallest":"86 mm","largest":"86 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"}}', 'cleanup'],
    'iron without sizes' => ['oversize', '{"lining":"iron","bore":{"smallest":"86 mm","largest":"86 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"},"cleanup":"0.02 mm","wall_limit":"87 mm"}', 'sizes'],
    'another lining' => ['oversize', '{"lining":"tin","bore":{"smallest":"86 mm","largest":"86 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"}}', 'lining'],
    'fewer pistons' => ['pair-pistons', '{"bores":{"1":"86 mm","2":"86 mm"},"pistons":{"A":"85.9 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"}}', 'pistons'],
    'no bores' => ['pair-pistons', '{"bores":{},"pistons":{"A":"85.9 mm"},"clearance":{"min":"0.04 mm","max":"0.06 mm"}}', 'bores'],
    'angles beside a school' => ['ring-clocking', '{"school":"thirds","angles":{"top":"1 deg"}}', 'angles'],
    'pegs without angles' => ['ring-clocking', '{"school":"pegs"}', 'angles'],
    'a ring nobody has' => ['ring-clocking', '{"school":"thirds","rings":["top","third"]}', 'rings.1'],
    'half a mark' => ['shells', '{"offset":1,"rows":[{"place":"main 1","a":5.5,"b":2}],"colours":{}}', 'rows.0.a'],
    'a spindle that stands' => ['crosshatch', '{"bore":"86 mm","spindle":"0 rpm","stroke":"98 mm","strokes_per_minute":60}', 'spindle'],
    'repeats of nothing' => ['repeat-readings', '{"readings":[]}', 'readings'],
    'a repeat at no instant' => ['repeat-readings', '{"readings":[{"at":"2026-12-01T08:00:00","value":"99 mm"}]}', 'readings.0.at'],
    'work at no instant' => ['repeat-readings', '{"readings":[{"at":"2026-12-01T08:00:00Z","value":"99 mm"}],"work":["2026-12-01T08:00:00Z","noon"]}', 'work.1'],
    'a repeat of another kind' => ['repeat-readings', '{"readings":[{"at":"2026-12-01T08:00:00Z","value":"99 deg"}]}', 'readings.0.value'],
    'a clearance of the wrong kind beside a map' => ['bore-map', '{"readings":[{"depth":"12 mm","axis":"pin","value":"86 mm"}],"clearance":{"min":"2 deg"}}', 'clearance.min'],
    'no leaf above' => ['taper-from-gaps', '{"upper":{},"lower":{"passes":"0.2 mm"}}', 'upper.passes'],
]);
