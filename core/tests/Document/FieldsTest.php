<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Judgement\Zone;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Tests\Property;

/** @param  array<string, mixed>  $sent */
function fieldsOf(array $sent): Fields
{
    return Fields::of(json_decode(json_encode((object) $sent)), ...array_map(strval(...), array_keys($sent)));
}

it('reads each sort of field', function (mixed $sent, callable $read, mixed $expected) {
    expect($read(fieldsOf(['it' => $sent])))->toEqual($expected);
})->with([
    'a text' => ['top ring', fn (Fields $fields) => $fields->text('it'), 'top ring'],
    'texts' => [['a', 'b'], fn (Fields $fields) => $fields->texts('it'), ['a', 'b']],
    'a flag' => [true, fn (Fields $fields) => $fields->flag('it'), true],
    'a whole number' => [12, fn (Fields $fields) => $fields->whole('it', 0, 20), 12],
    'a choice' => ['worn', fn (Fields $fields) => $fields->choice('it', Zone::class), Zone::Worn],
    'a length: 0.5 mm' => ['0.5 mm', fn (Fields $fields) => $fields->length('it')->nanometres, 500_000],
    'a size: 1/4 in = 6.35 mm' => ['1/4 in', fn (Fields $fields) => $fields->size('it')->nanometres, 6_350_000],
    'a signed length' => ['-0.02 mm', fn (Fields $fields) => $fields->signedLength('it')->nanometres, -20_000],
    'an angle: 90°' => ['90 deg', fn (Fields $fields) => $fields->angle('it'), 90_000_000_000],
    'a quantity of more than zero: 2 bar = 200 kPa' => ['2 bar', fn (Fields $fields) => $fields->positive('it', Dimension::Pressure), 200.0],
    'a plain number' => [2.5, fn (Fields $fields) => $fields->number('it'), 2.5],
    'an object' => [['mm' => '1'], fn (Fields $fields) => $fields->object('it', 'mm')->text('mm'), '1'],
    'names for keys' => [['front' => 'a', '2' => 'b'], fn (Fields $fields) => $fields->named('it')->keys(), ['front', '2']],
    'a list of objects' => [[['n' => 'x'], ['n' => 'y']], fn (Fields $fields) => array_map(fn (Fields $item): string => $item->text('n'), $fields->objects('it', 'n')), ['x', 'y']],
]);

it('says which field it could not read, and what it would take', function (mixed $sent, callable $read, string $field, string $allowed) {
    expect(fn () => $read(fieldsOf(['it' => $sent])))->toThrow(function (Refusal $refusal) use ($field, $allowed): void {
        expect($refusal->field)->toBe($field)->and($refusal->allowed)->toContain($allowed);
    });
})->with([
    'no text' => [null, fn (Fields $fields) => $fields->text('it'), 'it', 'a text'],
    'a blank text' => ['  ', fn (Fields $fields) => $fields->text('it'), 'it', 'a text'],
    'a number for a text' => [5, fn (Fields $fields) => $fields->text('it'), 'it', 'a text'],
    'a hundred thousand letters' => [str_repeat('x', 100_000), fn (Fields $fields) => $fields->text('it'), 'it', 'at most 2000 characters'],
    'letters counted, not bytes' => [str_repeat('ö', 11), fn (Fields $fields) => $fields->text('it', 10), 'it', 'at most 10 characters'],
    'a word for a flag' => ['yes', fn (Fields $fields) => $fields->flag('it'), 'it', 'true or false'],
    'one for a flag' => [1, fn (Fields $fields) => $fields->flag('it'), 'it', 'true or false'],
    'half a whole number' => [1.5, fn (Fields $fields) => $fields->whole('it', 0, 9), 'it', 'a whole number from 0 to 9'],
    'a whole number too large' => [10, fn (Fields $fields) => $fields->whole('it', 0, 9), 'it', 'a whole number from 0 to 9'],
    'a whole number too small' => [-1, fn (Fields $fields) => $fields->whole('it', 0, 9), 'it', 'a whole number from 0 to 9'],
    'digits in quotes' => ['4', fn (Fields $fields) => $fields->whole('it', 0, 9), 'it', 'a whole number'],
    'none of the choices' => ['grey', fn (Fields $fields) => $fields->choice('it', Zone::class), 'it', 'one of within, worn, out'],
    'a bare number for a length' => [0.5, fn (Fields $fields) => $fields->length('it'), 'it', 'mm'],
    'a length without a unit' => ['0.5', fn (Fields $fields) => $fields->length('it'), 'it', 'mm'],
    'a negative length' => ['-0.5 mm', fn (Fields $fields) => $fields->length('it'), 'it', 'zero'],
    'a size of nothing' => ['0 mm', fn (Fields $fields) => $fields->size('it'), 'it', 'more than zero'],
    'torque for a length' => ['5 N·m', fn (Fields $fields) => $fields->length('it'), 'it', 'length'],
    'no pressure at all' => ['0 kPa', fn (Fields $fields) => $fields->positive('it', Dimension::Pressure), 'it', 'more than zero'],
    'a count of nothing' => [0, fn (Fields $fields) => $fields->number('it'), 'it', 'more than zero'],
    'a count in words' => ['five', fn (Fields $fields) => $fields->number('it'), 'it', 'more than zero'],
    'a list for an object' => [[1], fn (Fields $fields) => $fields->object('it', 'a'), 'it', 'a JSON object'],
    'a text for names' => ['x', fn (Fields $fields) => $fields->named('it'), 'it', 'a JSON object'],
    'an object for a list' => [['a' => 1], fn (Fields $fields) => $fields->items('it'), 'it', 'a list'],
    'a number among texts' => [['a', 5], fn (Fields $fields) => $fields->texts('it'), 'it.1', 'a text'],
    'a misspelt key in an object' => [['mn' => 1], fn (Fields $fields) => $fields->object('it', 'min', 'max'), 'it.mn', 'min, max'],
    'a misspelt key in the second of a list' => [[['n' => '1'], ['m' => '1']], fn (Fields $fields) => $fields->objects('it', 'n'), 'it.1.m', 'n'],
]);

it('counts a null as missing', function () {
    $fields = fieldsOf(['it' => null]);
    expect($fields->has('it'))->toBeFalse()
        ->and($fields->textOrNull('it'))->toBeNull()
        ->and($fields->lengthOrNull('it'))->toBeNull()
        ->and($fields->sizeOrNull('it'))->toBeNull()
        ->and($fields->choiceOrNull('it', Zone::class))->toBeNull()
        ->and($fields->objectOrNull('it'))->toBeNull()
        ->and($fields->objects('it'))->toBe([])
        ->and($fields->texts('it'))->toBe([])
        ->and($fields->flag('it'))->toBeFalse();
});

it('refuses what is no object at all', function (mixed $document) {
    expect(fn () => Fields::of($document, 'a'))->toThrow(function (Refusal $refusal): void {
        expect($refusal->field)->toBe('');
    });
})->with(['a list' => [[1, 2]], 'a text' => ['{}'], 'a number' => [5], 'nothing' => [null]]);

it('puts the path of a nested document before what a rule refuses', function () {
    $inner = fieldsOf(['limit' => ['min' => '2 mm']])->object('limit', 'min');
    expect(fn () => $inner->placing(fn () => throw ContradictoryFields::excluded('min', '2 mm', 'They cross.', 'less')))->toThrow(function (Refusal $refusal): void {
        expect($refusal->field)->toBe('limit.min')->and($refusal->read)->toBe('2 mm');
    });
});

it('never mistakes an unknown key for a known one', function () {
    Property::holds(100, [Generators::string()], function (string $key): void {
        if (in_array($key, ['min', 'max'], true) || $key === '') {
            return;
        }
        $document = json_decode(json_encode([mb_convert_encoding($key, 'UTF-8', 'UTF-8') => 1, 'min' => 1]));
        expect(fn () => Fields::of($document, 'min', 'max'))->toThrow(Refusal::class);
    });
});
