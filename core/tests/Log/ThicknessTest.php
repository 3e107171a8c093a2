<?php

use Eris\Generators;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Chamber\StackChoices;
use Moltrek\Core\Log\Chamber\StackFigure;
use Moltrek\Core\Log\Chamber\StackFigures;
use Moltrek\Core\Log\Chamber\StackOfThicknesses;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Tests\Property;

const WIRES = ['front' => '1.44 mm', 'rear' => '1.38 mm', 'pin left' => '1.41 mm', 'pin right' => '1.42 mm'];
const BRIDGE = ['front' => '0.38 mm', 'rear' => '0.34 mm'];

/** A trail bike's barrel pulled over its standard gasket of 0.50, deck and squish read. */
function crownRead(array $more = [], string $engine = 'ulvane-139r'): BuildState
{
    $sheet = demoSheet($engine);

    return worked($sheet, [...upTo($sheet, 'turn.barrel'), ['reading_taken', ['spot' => 'deck.1', 'reading' => BRIDGE]], ['reading_taken', ['spot' => 'squish.1', 'reading' => WIRES]], ...$more]);
}

function laid(string ...$hundredths): array
{
    return array_map(fn (string $each): array => ['name' => 'Base gasket '.$each, 'thickness' => $each.' mm'], array_values($hundredths));
}

/** @return array<string, float|null> what a figure would be, by its key, in its canonical unit */
function wouldBe(BuildState $state, array $tried, string $cylinder = '1'): array
{
    $pieces = array_map(fn (array $each): LaidPieces => new LaidPieces(LaidPieces::readAll(Fields::of((object) ['pieces' => json_decode(json_encode($each))], 'pieces'), 'pieces'), false, true), $tried);
    $figures = (new StackFigures(new StackOfThicknesses($state, $state->sheet->cylinder($cylinder)), $pieces))->all();

    return array_combine(
        array_map(fn (StackFigure $figure): string => $figure->key, $figures),
        array_map(fn (StackFigure $figure): ?float => $figure->moved->after === [] ? null : $figure->dimension->canonicalValue(Interval::ofLeast(...$figure->moved->after)->nominal), $figures),
    );
}

function stale(BuildState $state, string ...$spots): array
{
    return array_values(array_filter($spots, fn (string $spot): bool => $state->readings->staleAt($spot) !== null));
}

it('makes untrue what was read where another thickness lies below the barrel, and no ignition point', function () {
    $sheet = demoSheet();
    $ready = upTo($sheet, 'turn.barrel');
    $read = [['reading_taken', ['spot' => 'deck.1', 'reading' => BRIDGE]], ['reading_taken', ['spot' => 'squish.1', 'reading' => WIRES]], ['reading_taken', ['spot' => 'exhaust_valve_edge.1', 'reading' => '31.0 mm']]];
    $timed = [...$ready, ...$read, ['step_done', ['step' => 'time.ignition']]];
    $kit = worked($sheet, [...$timed, ['pieces_laid', ['slab' => 'base-gasket', 'pieces' => laid('0.40')]]]);
    expect(stale($kit, 'deck.1', 'squish.1', 'exhaust_valve_edge.1'))->toBe(['deck.1', 'squish.1', 'exhaust_valve_edge.1'])
        ->and($kit->work->doneBy('time.ignition'))->not->toBeNull()->and(stateOf($kit, 'read.squish.1'))->toBe('void');
    $same = worked($sheet, [...$timed, ['pieces_laid', ['slab' => 'base-gasket', 'pieces' => laid('0.50')]]]);
    expect(stale($same, 'deck.1', 'squish.1'))->toBe([]);
    $above = worked($sheet, [...$timed, ['pieces_laid', ['slab' => 'head-gasket', 'pieces' => [['name' => 'Plate', 'thickness' => '0.20 mm']]]]]);
    expect(stale($above, 'deck.1', 'squish.1'))->toBe([])->and($above->thicknesses->at('head-gasket')->thickness()->nanometres)->toBe(200_000);
});

it('is decided with what was read, and the step is done', function () {
    $state = crownRead([['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => laid('0.50')]]]]]);
    expect(stateOf($state, 'decide.deck'))->toBe('done')->and(stale($state, 'deck.1', 'squish.1'))->toBe([]);
});

it('is decided otherwise: the barrel comes off, the decided gasket goes in, and all is read once more', function () {
    $decided = ['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => laid('0.25')]], 'reason' => 'squish']];
    $state = crownRead([$decided]);
    expect(stateOf($state, 'decide.deck'))->toBe('open')->and(stale($state, 'deck.1', 'squish.1'))->toBe(['deck.1', 'squish.1'])
        ->and(blockedBy($state, 'read.squish.1'))->toBe(['access'])->and($state->work->blockages($state->work->steps()['read.squish.1'])[0]->why)->toContain('Base gasket 0.25 is decided');
    expect($state->work->steps()['on.base-gasket'])->not->toBeNull()->and($state->decisions->partsOf($state->work->steps()['on.base-gasket']))->toBe(['Base gasket 0.25']);

    $lifted = [$decided, ['slab_lifted', ['slab' => 'barrel']], ['step_done', ['step' => 'on.base-gasket']]];
    $state = crownRead($lifted);
    expect($state->thicknesses->at('base-gasket')->thickness()->nanometres)->toBe(250_000)->and($state->thicknesses->isToBeChanged('base-gasket'))->toBeFalse();
    $again = array_map(fn (string $step): array => ['step_done', ['step' => $step]], ['hold.barrel', 'on.barrel', 'pull.barrel', 'turn.barrel']);
    $second = array_map(fn (string $wire): string => number_format((float) $wire - 0.25, 2).' mm', WIRES);
    $state = crownRead([...$lifted, ...$again, ['reading_taken', ['spot' => 'deck.1', 'reading' => ['front' => '0.13 mm', 'rear' => '0.09 mm']]], ['reading_taken', ['spot' => 'squish.1', 'reading' => $second]],
        ['thickness_decided', ['joints' => [['slab' => 'base-gasket', 'pieces' => laid('0.25')]]]]]);
    expect($state->verdicts->of('squish.1')->verdict->state)->toBe(State::Within)->and(stateOf($state, 'decide.deck'))->toBe('done');
});

it('is decided otherwise above the barrel: read once more over what is decided, and it stands', function (string $slab, array $piece) {
    $sheet = demoSheet('ostrel-608');
    $decided = ['thickness_decided', ['joints' => [['slab' => $slab, 'pieces' => [$piece]]]]];
    $wires = array_map(fn (string $cylinder): array => ['reading_taken', ['spot' => 'squish.'.$cylinder, 'reading' => ['front' => '0.85 mm', 'rear' => '0.86 mm']]], ['1', '2', '3', '4']);
    $before = [...upTo($sheet, 'turn.barrel'), ...$wires, $decided];
    $state = worked($sheet, $before);
    expect(stale($state, 'squish.1', 'squish.4'))->toBe(['squish.1', 'squish.4'])->and(stateOf($state, 'decide.deck'))->not->toBe('done')->and(blockedBy($state, 'read.squish.1'))->toBe([]);
    $state = worked($sheet, [...$before, ...$wires, $decided]);
    expect(stale($state, 'squish.1', 'squish.4'))->toBe([])->and(stateOf($state, 'decide.deck'))->toBe('done')->and($state->thicknesses->isToBeChanged($slab))->toBeFalse();
    // a head that comes off again takes nothing of the decision with it
    $state = worked($sheet, [...$before, ...$wires, $decided, ['slab_provisional', ['slab' => 'head', 'reason' => 'to look']], ['slab_lifted', ['slab' => 'head']]]);
    expect($state->thicknesses->isToBeChanged($slab))->toBeFalse();
})->with([
    'a head gasket' => ['head-gasket', ['name' => 'Head gasket 0.90', 'thickness' => '0.90 mm']],
    'an insert' => ['head', ['name' => 'Insert 12.4', 'volume' => '12.4 cc']],
]);

it('moves with thickness what geometry moves', function () {
    // read over 0.50: squish 1.38 at its thinnest, crown 0.36 below by and large
    $state = crownRead();
    $now = wouldBe($state, []);
    expect($now['squish'])->toEqualWithDelta(1.38, 1e-9)->and($now['deck'])->toEqualWithDelta(0.34, 1e-9)->and($now)->not->toHaveKey('cam_shift');
    Property::holds(60, [Generators::choose(5, 150), Generators::choose(1, 80)], function (int $thickness, int $more) use ($state): void {
        $with = fn (string $slab, int $hundredths): array => [$slab => [['name' => 'a piece', 'thickness' => number_format($hundredths / 100, 2).' mm']]];
        [$one, $other] = [wouldBe($state, $with('base-gasket', $thickness)), wouldBe($state, $with('base-gasket', $thickness + $more))];
        expect($other['deck'] - $one['deck'])->toEqualWithDelta($more / 100, 1e-9)->and($other['squish'] - $one['squish'])->toEqualWithDelta($more / 100, 1e-9)
            ->and($other['port_opens.exhaust'])->toBeLessThan($one['port_opens.exhaust'])->and($other['compression_ratio'])->toBeLessThan($one['compression_ratio'])
            ->and($other['squish_velocity'])->toBeLessThan($one['squish_velocity']);
        [$one, $other] = [wouldBe($state, $with('head-gasket', $thickness)), wouldBe($state, $with('head-gasket', $thickness + $more))];
        expect($other['deck'])->toBe($one['deck'])->and($other['port_opens.exhaust'])->toBe($one['port_opens.exhaust'])
            ->and($other['squish'] - $one['squish'])->toEqualWithDelta($more / 100, 1e-9)->and($other['trapped_ratio'])->toBeLessThan($one['trapped_ratio']);
    });
});

it('retards a cam that its chain pulls by what is taken out', function () {
    // 36 teeth of 6.35: radius 36.43; 0.15 less is 0.236 degrees of the cam, 0.472 of the crank
    $state = worked(demoSheet('ostrel-608'), []);
    $shift = fn (string $thickness): ?float => wouldBe($state, ['head-gasket' => [['name' => 'h', 'thickness' => $thickness]]], '2')['cam_shift'];
    expect($shift('0.60 mm'))->toEqualWithDelta(0.4718, 1e-3)->and($shift('0.75 mm'))->toEqualWithDelta(0.0, 1e-9);
});

it('counts an insert’s chamber, a burette’s, a measured gasket', function () {
    // 138.748 swept; 12.2 + π/4 · 5.5² · 0.036 − 1.2 = 11.855, so 12.70 to 1; by burette 12.4: 12.055; an insert of 11.8: 11.455
    $ratio = fn (array $more, array $tried = []): float => wouldBe(crownRead($more), $tried)['compression_ratio'];
    $swept = M_PI / 4 * 5.5 ** 2 * 5.84;
    $deck = M_PI / 4 * 5.5 ** 2 * 0.036;
    expect($ratio([]))->toEqualWithDelta(1 + $swept / (11.0 + $deck), 1e-9)
        ->and($ratio([['reading_taken', ['spot' => 'chamber_volume.1', 'reading' => ['first' => '12.5 cc', 'second' => '12.3 cc']]]]))->toEqualWithDelta(1 + $swept / (11.2 + $deck), 1e-9)
        ->and($ratio([], ['head' => [['name' => 'insert', 'volume' => '11.8 cc']]]))->toEqualWithDelta(1 + $swept / (10.6 + $deck), 1e-9)
        // filled with 28.0 with the edge 12 down: π/4 · 5.5² · 1.2 = 28.51 less 28.0 leaves a dome of 0.51
        ->and($ratio([['reading_taken', ['spot' => 'dome_volume.1', 'reading' => ['filled' => '28.0 cc', 'down' => '12 mm']]]]))
        ->toEqualWithDelta(1 + $swept / (12.2 - (M_PI / 4 * 5.5 ** 2 * 1.2 - 28.0) + $deck), 1e-9);
    $measured = crownRead([['reading_taken', ['spot' => 'gasket_thickness.base-gasket.crushed', 'reading' => '0.46 mm']]]);
    expect((new StackOfThicknesses($measured, $measured->sheet->cylinder('1')))->at($measured->sheet->stack->named('base-gasket'))->thickness()->nanometres)->toBe(460_000);
});

it('counts with the parts of other makers: their bore, their rod, their chamber', function () {
    $kit = demoSheet('ulvane-139r', function (stdClass $sheet): void {
        $sheet->substitutions = json_decode('[{"replaces":"barrel","by":"a kit of 58","source":"piston maker","bore":"58 mm","chamber":"14.0 cc","dome":"0 cc","rod":"120 mm"}]');
    });
    $state = worked($kit, []);
    // nothing read: the crown counts as flush
    expect(wouldBe($state, [])['compression_ratio'])->toEqualWithDelta(1 + M_PI / 4 * 5.8 ** 2 * 5.84 / 14.0, 1e-9)
        // 32.2 down with a throw of 29.2 and a rod of 120, by the law of cosines on y = 149.2 − 32.2
        ->and(wouldBe($state, [])['port_opens.exhaust'])->toEqualWithDelta(rad2deg(acos((29.2 ** 2 + 117.0 ** 2 - 120 ** 2) / (2 * 29.2 * 117.0))), 1e-9);
});

it('says what cannot be', function (array $more, array $tried, string $said, string $engine = 'ulvane-139r') {
    $state = crownRead($more, $engine);
    $pieces = array_map(fn (array $each): LaidPieces => new LaidPieces(LaidPieces::readAll(Fields::of((object) ['pieces' => json_decode(json_encode($each))], 'pieces'), 'pieces'), false, true), $tried);
    expect(implode(' ', (new StackFigures(new StackOfThicknesses($state, $state->sheet->cylinder('1')), $pieces))->remarks()))->toContain($said);
})->with([
    'a gasket that reaches into the bore' => [[['reading_taken', ['spot' => 'gasket_opening.head-gasket', 'reading' => '85.6 mm']]], [], 'reaches 0.20 mm into the bore', 'harbick-421'],
    'a ratio that rises' => [[], ['base-gasket' => [['name' => 'none', 'thickness' => '0.10 mm']]], 'The ratio rises'],
    'nothing above the piston' => [[['reading_taken', ['spot' => 'chamber_volume.1', 'reading' => ['first' => '0.2 cc']]]], [], 'Nothing is left above the piston'],
    'a piston that meets the head' => [[['reading_taken', ['spot' => 'squish.1', 'reading' => ['front' => '0.40 mm', 'rear' => '0.42 mm']]]], ['base-gasket' => []], 'the piston meets the head'],
]);

it('chooses below the barrel by the squish, else by the deck, and says what else would leave its limit', function () {
    $state = crownRead();
    $choices = new StackChoices(new StackOfThicknesses($state, $state->sheet->cylinder('1')), true);
    // wanted 0.50 + (1.10 − 1.38) = 0.22: of 0.25, 0.30 and 0.40 the last leaves 1.28, past 1.25
    expect($choices->by())->toBe('squish')->and($choices->found()->wanted->nanometres)->toEqual(220_000)
        ->and(array_map(fn ($choice): array => $choice->pieces, $choices->found()->choices))->toBe([['b25'], ['b30']])
        ->and($choices->fitsAll($choices->found()->choices[0]))->toBeTrue();
    $tight = demoSheet('ulvane-139r', function (stdClass $sheet): void {
        $sheet->limits[] = (object) ['quantity' => 'deck', 'source' => 'engine maker', 'min' => '0.12 mm', 'max' => '0.50 mm'];
    });
    $state = worked($tight, [['reading_taken', ['spot' => 'deck.1', 'reading' => BRIDGE]], ['reading_taken', ['spot' => 'squish.1', 'reading' => WIRES]]]);
    $choices = new StackChoices(new StackOfThicknesses($state, $state->sheet->cylinder('1')), true);
    expect(array_map(fn ($choice): bool => $choices->fitsAll($choice), $choices->found()->choices))->toBe([false, true]);
    $state = worked($tight, [['reading_taken', ['spot' => 'deck.1', 'reading' => BRIDGE]]]);
    expect((new StackChoices(new StackOfThicknesses($state, $state->sheet->cylinder('1')), true))->by())->toBe('deck')
        ->and((new StackChoices(new StackOfThicknesses($state, $state->sheet->cylinder('1')), false))->by())->toBeNull();
});

it('says in its verdict how the head was held, and refuses a mean over a wire that was not crushed', function () {
    $held = ['fasteners' => 4, 'of' => 6];
    $state = crownRead([['reading_taken', ['spot' => 'squish.1', 'reading' => ['front' => '1.10 mm', 'rear' => ['uncrushed' => '1.50 mm']], 'held' => $held]]]);
    $verdict = $state->verdicts->of('squish.1');
    expect($verdict->verdict->reason)->toContain('Read with the head on 4 of 6 fasteners, by hand')->toContain('No mean')->and($verdict->figure)->toBe('1.100, front');
    $full = crownRead([['reading_taken', ['spot' => 'squish.1', 'reading' => WIRES, 'held' => ['full' => true]]]])->verdicts->of('squish.1')->verdict->reason;
    expect($full)->toContain('Mean 1.4125 mm, spread 0.06 mm')->not->toContain('Read with');
});

it('keeps a figure that was entered as one', function () {
    $state = crownRead([['reading_taken', ['spot' => 'squish.1', 'reading' => '1.10 mm']]]);
    expect($state->verdicts->of('squish.1')->verdict->state)->toBe(State::Within)->and($state->readings->at('squish.1')->said->shown())->toBe('1.10');
});

it('spends no gasket that a head on for now did not crush', function (array $lift, array $spent) {
    $sheet = demoSheet('ostrel-608');
    $state = worked($sheet, [...upTo($sheet, 'turn.barrel'), ['pieces_laid', ['slab' => 'head-gasket', 'pieces' => [['name' => 'Head gasket 0.90', 'thickness' => '0.90 mm']]]],
        ['slab_provisional', ['slab' => 'head', 'reason' => 'squish']], ['slab_lifted', ['slab' => 'head'] + $lift]]);
    expect(array_keys($state->parts->spent()))->toBe($spent);
})->with(['not crushed' => [[], []], 'crushed' => [['crushed' => true], ['Head gasket 0.90']]]);

it('refuses pieces where none set a height', function (string $kind, array $payload, string $field) {
    try {
        worked(demoSheet(), [[$kind, $payload]]);
    } catch (Moltrek\Core\Refusal\Refusal $refusal) {
        expect($refusal->field)->toBe($field);

        return;
    }
    $this->fail('was taken');
})->with([
    'a barrel is no gasket' => ['pieces_laid', ['slab' => 'barrel', 'pieces' => laid('0.50')], 'slab'],
    'paper in the head' => ['pieces_laid', ['slab' => 'head', 'pieces' => laid('0.50')], 'slab'],
    'no thickness' => ['pieces_laid', ['slab' => 'base-gasket', 'pieces' => [['name' => 'paper']]], 'pieces.0.thickness'],
    'no pieces' => ['thickness_decided', ['joints' => [['slab' => 'base-gasket']]], 'joints.0.pieces'],
    'no joint of this engine' => ['thickness_decided', ['joints' => [['slab' => 'roof', 'pieces' => []]]], 'joints'],
]);

it('refuses a sheet whose pieces contradict it', function (callable $change, string $field) {
    try {
        EngineSheet::read((function () use ($change): stdClass {
            $document = sheetDocument('ulvane-139r');
            $change($document);

            return $document;
        })());
    } catch (Moltrek\Core\Refusal\Refusal $refusal) {
        expect($refusal->field)->toBe($field);

        return;
    }
    $this->fail('was taken');
})->with([
    'a piece for no joint' => [fn (stdClass $sheet) => $sheet->pieces[0]->slab = 'barrel', 'pieces.0.slab'],
    'an id twice' => [fn (stdClass $sheet) => $sheet->pieces[1]->id = 'b25', 'pieces'],
    'an insert with no volume' => [fn (stdClass $sheet) => $sheet->pieces[5]->volume = null, 'pieces.5.thickness'],
    'a port upside down' => [fn (stdClass $sheet) => $sheet->geometry->ports[0]->bottom = '10 mm', 'geometry.ports.0.top'],
    'a port twice' => [fn (stdClass $sheet) => $sheet->geometry->ports[1]->id = 'exhaust', 'geometry.ports'],
    'a bowl as wide as the bore' => [fn (stdClass $sheet) => $sheet->geometry->bowl->diameter = '55 mm', 'geometry.bowl.diameter'],
]);

it('warns where a ratio rises by more than three tenths, and nowhere else', function (?float $before, ?float $after, bool $warns) {
    expect(StackFigures::onRaising($before, $after) !== null)->toBe($warns);
})->with([
    'by three tenths' => [12.0, 12.3, false],
    'by more' => [12.0, 12.31, true],
    'it falls' => [12.0, 11.0, false],
    'not counted yet' => [null, 12.0, false],
    'nothing aimed at' => [12.0, null, false],
]);
