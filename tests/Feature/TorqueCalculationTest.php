<?php

const WRENCH = ['length' => '300 mm', 'min' => '5 N·m', 'max' => '50 N·m', 'step' => '0.5 N·m'];
const PAIR = [['id' => 'a', 'x' => '-30 mm', 'y' => '0 mm'], ['id' => 'b', 'x' => '30 mm', 'y' => '0 mm']];
const LOADED = ['bolts' => PAIR, 'k' => 0.2, 'diameter' => '8 mm', 'coupling' => 0.25, 'reach' => '60 mm', 'pulls' => [['bolt' => 'a', 'torque' => '24 N·m']]];

it('names the field that a calculation of torque cannot use', function (string $name, array $document, string $field) {
    $this->actingAs($this->person())->postJson("/api/calculations/$name", $document)->assertStatus(422)->assertJsonPath('field', $field);
})->with([
    'a torque without a unit' => ['wrench-setting', ['target' => '24', 'wrench' => WRENCH], 'target'],
    'a length where a torque is meant' => ['wrench-setting', ['target' => '24 mm', 'wrench' => WRENCH], 'target'],
    'a range turned round' => ['wrench-setting', ['target' => ['min' => '26 N·m', 'max' => '22 N·m'], 'wrench' => WRENCH], 'target.min'],
    'an aim that is none' => ['wrench-setting', ['target' => '24 N·m', 'aim' => 'top', 'wrench' => WRENCH], 'aim'],
    'above the scale' => ['wrench-setting', ['target' => '51 N·m', 'wrench' => WRENCH], 'target'],
    'under the scale' => ['wrench-setting', ['target' => '4 N·m', 'wrench' => WRENCH], 'target'],
    'a scale turned round' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => ['min' => '60 N·m'] + WRENCH], 'wrench.min'],
    'a step of nothing' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => ['step' => '0 N·m'] + WRENCH], 'wrench.step'],
    'an adapter on a wrench of unknown length' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => array_diff_key(WRENCH, ['length' => 0]), 'adapter' => ['length' => '50 mm']], 'wrench.length'],
    'an adapter that reaches back over the hand' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => WRENCH, 'adapter' => ['length' => '300 mm', 'angle' => '180 deg']], 'adapter'],
    'no wrench named' => ['pick-wrench', ['target' => '24 N·m'], 'wrenches'],
    'a wrench without a scale' => ['pick-wrench', ['target' => '24 N·m', 'wrenches' => [['id' => 'w1', 'step' => '1 N·m']]], 'wrenches.0.min'],
    'a bolt twice' => ['torque-pattern', ['bolts' => [PAIR[0], PAIR[0]], 'pattern' => 'cross'], 'bolts'],
    'no bolt' => ['torque-pattern', ['bolts' => [], 'pattern' => 'cross'], 'bolts'],
    'a place without a unit' => ['torque-pattern', ['bolts' => [['x' => '3'] + PAIR[0]], 'pattern' => 'cross'], 'bolts.0.x'],
    'a pattern that is none' => ['torque-pattern', ['bolts' => PAIR, 'pattern' => 'spiral'], 'pattern'],
    'an order of one’s own that is not given' => ['torque-pattern', ['bolts' => PAIR, 'pattern' => 'given'], 'order'],
    'an order that leaves one out' => ['torque-pattern', ['bolts' => PAIR, 'pattern' => 'given', 'order' => ['a']], 'order'],
    'an order with a pattern that makes its own' => ['torque-pattern', ['bolts' => PAIR, 'pattern' => 'round', 'order' => ['a', 'b']], 'order'],
    'a step so coarse that a stage does not rise' => ['torque-stages', ['final' => '2 N·m', 'school' => 'thirds', 'step' => '2 N·m'], 'step'],
    'a school that is none' => ['torque-stages', ['final' => '24 N·m', 'school' => 'quarters'], 'school'],
    'a thread without its pitch' => ['torque-sanity', ['torque' => '24 N·m', 'thread' => 'M8', 'class' => '8.8', 'condition' => 'dry'], 'thread'],
    'a class that is none' => ['torque-sanity', ['torque' => '24 N·m', 'thread' => 'M8x1.25', 'class' => '9.9', 'condition' => 'dry'], 'class'],
    'a coupling of more than the whole' => ['clamp-load', ['coupling' => 1.5] + LOADED, 'coupling'],
    'a factor of nothing' => ['clamp-load', ['k' => 0] + LOADED, 'k'],
    'a pull on a bolt that is not there' => ['clamp-load', ['pulls' => [['bolt' => 'z', 'torque' => '24 N·m']]] + LOADED, 'pulls.0.bolt'],
    'a pull of less than nothing' => ['clamp-load', ['pulls' => [['bolt' => 'a', 'torque' => '-1 N·m']]] + LOADED, 'pulls.0.torque'],
]);

it('answers as the contract writes it', function (string $name, array $document, array $part) {
    $answer = $this->actingAs($this->person())->postJson("/api/calculations/$name", $document)->assertOk();
    foreach ($part as $path => $value) {
        expect(data_get($answer->json(), $path))->toEqualWithDelta($value, 1e-9);
    }
})->with([
    // 24 · 300/(300 + 60) = 20 exactly; the bolt gets all of it
    'straight out' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => WRENCH, 'adapter' => ['length' => '60 mm']], ['exact.value' => 20, 'dial.value' => 20, 'delivered.value' => 24]],
    // in the unit of the step: 24 N·m = 17.70 lbf·ft, on halves 17.5
    'a wrench in foot-pounds' => ['wrench-setting', ['target' => '24 N·m', 'wrench' => ['min' => '5 lbf·ft', 'max' => '80 lbf·ft', 'step' => '0.5 lbf·ft']], ['delivered.value' => 17.5 * 1.3558179483314004]],
    // 8, 12, 16: halves and three quarters of 16
    'half, three quarters, full' => ['torque-stages', ['final' => '16 N·m', 'school' => 'half-three-quarters-full'], ['stages.0.value' => 8, 'stages.1.value' => 12, 'stages.2.value' => 16]],
    // a bolt that was never pulled stands there with nothing; F = 24/(0.2 · 0.008) = 15000 N, (15000 − 0)/7500 = 2
    'one bolt of two' => ['clamp-load', LOADED, ['final.a.value' => 15000, 'final.b.value' => 0, 'spread' => 2]],
    'nothing pulled' => ['clamp-load', ['pulls' => []] + LOADED, ['final.a.value' => 0, 'spread' => null]],
    // one bolt tips wholly to its side, both not at all
    'two bolts' => ['torque-pattern', ['bolts' => PAIR, 'pattern' => 'given', 'order' => ['b', 'a']], ['tilt.steps.0' => 1, 'tilt.steps.1' => 0, 'tilt.mean' => 0.5]],
]);
