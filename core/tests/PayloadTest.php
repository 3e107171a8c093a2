<?php

use Eris\Generators;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Document\Key\Amount;
use Moltrek\Core\Document\Key\Angle;
use Moltrek\Core\Document\Key\Called;
use Moltrek\Core\Document\Key\Choices;
use Moltrek\Core\Document\Key\Date;
use Moltrek\Core\Document\Key\Extent;
use Moltrek\Core\Document\Key\Figured;
use Moltrek\Core\Document\Key\Many;
use Moltrek\Core\Document\Key\Nested;
use Moltrek\Core\Document\Key\Photograph;
use Moltrek\Core\Document\Key\Size;
use Moltrek\Core\Document\Key\Text;
use Moltrek\Core\Document\Key\Texts;
use Moltrek\Core\Document\Key\Whole;
use Moltrek\Core\Document\Key\Word;
use Moltrek\Core\Document\Key\Written;
use Moltrek\Core\Document\Stated;
use Moltrek\Core\Document\Stating;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Quantity\Day;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Quantity\WrittenQuantity;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\ValveSide;
use Moltrek\Core\Tests\Property;

final readonly class ALabel implements Stating
{
    use Stated;

    private function __construct(#[Text(5)] public string $text, #[Whole(1, 9)] public int $count = 1)
    {
    }
}

final readonly class AParcel implements Stating
{
    use Stated;

    private function __construct(
        #[Text(10)] public string $what,
        public ValveSide $side,
        #[Amount(Dimension::Pressure, '100 kPa', 'That bursts.')] public float $pressure,
        #[Size('10 mm', 'Too thick.')] public ?Length $size,
        #[Extent] public ?Length $gap,
        #[Angle] public int|float|null $turn,
        #[Figured(Dimension::Temperature)] public ?Figure $warm,
        #[Written(Dimension::Time, '720 h', 'That is a date.')] public ?WrittenQuantity $time,
        #[Date] public ?Day $day,
        #[Photograph] public ?string $photo,
        #[Called('left')] public bool $isLeft,
        #[Texts] public array $tags,
        #[Choices(ValveSide::class)] public array $sides,
        #[Nested(ALabel::class)] public ?ALabel $label,
        #[Many(ALabel::class)] public array $labels,
        #[Word('up', 'down')] public string $way = 'up',
        public string $seenBy = '',
    ) {
    }
}

const PARCEL = ['what' => 'gasket', 'side' => 'inlet', 'pressure' => '0.5 bar'];

function parcel(array $more): AParcel
{
    return AParcel::read(Fields::of(json_decode((string) json_encode([...PARCEL, ...$more])), ...AParcel::payload()->names()));
}

it('reads what its constructor takes, each key by what may stand there', function (array $said, callable $of, mixed $expected) {
    expect($of(parcel($said)))->toEqual($expected);
})->with([
    'a text' => [[], fn (AParcel $read) => $read->what, 'gasket'],
    'a case of an enum, by its type alone' => [[], fn (AParcel $read) => $read->side, ValveSide::Inlet],
    // half a bar is 50 kPa
    'an amount in its canonical unit' => [[], fn (AParcel $read) => $read->pressure, 50.0],
    'a size' => [['size' => '0.1 in'], fn (AParcel $read) => $read->size?->nanometres, 2_540_000],
    'a length of nothing' => [['gap' => '0 mm'], fn (AParcel $read) => $read->gap?->nanometres, 0],
    'an angle' => [['turn' => '-1.5 deg'], fn (AParcel $read) => $read->turn, -1_500_000_000],
    'a figure' => [['warm' => '85 °C'], fn (AParcel $read) => $read->warm?->shown(), '85'],
    'a quantity as it was typed' => [['time' => '1.50 h'], fn (AParcel $read) => $read->time?->text, '1.50 h'],
    'a day' => [['day' => '2026-11-24'], fn (AParcel $read) => (string) json_encode($read->day !== null), 'true'],
    'a day that was left empty' => [['day' => ''], fn (AParcel $read) => $read->day, null],
    'a flag by the name it is called by' => [['left' => true], fn (AParcel $read) => $read->isLeft, true],
    'a flag that is not raised' => [[], fn (AParcel $read) => $read->isLeft, false],
    'a list' => [['tags' => ['a', 'b']], fn (AParcel $read) => $read->tags, ['a', 'b']],
    'no list' => [[], fn (AParcel $read) => $read->tags, []],
    'a list of cases' => [['sides' => ['exhaust', 'inlet']], fn (AParcel $read) => $read->sides, [ValveSide::Exhaust, ValveSide::Inlet]],
    'a document within' => [['label' => ['text' => 'front']], fn (AParcel $read) => [$read->label?->text, $read->label?->count], ['front', 1]],
    'a list of documents' => [['labels' => [['text' => 'a', 'count' => 2], ['text' => 'b']]], fn (AParcel $read) => array_column($read->labels, 'count', 'text'), ['a' => 2, 'b' => 1]],
    'a word' => [['way' => 'down'], fn (AParcel $read) => $read->way, 'down'],
    'a default' => [[], fn (AParcel $read) => $read->way, 'up'],
    'a name of two words' => [['seen_by' => 'meter'], fn (AParcel $read) => $read->seenBy, 'meter'],
    'what may lack' => [[], fn (AParcel $read) => [$read->size, $read->gap, $read->turn, $read->warm, $read->time, $read->photo, $read->label], [null, null, null, null, null, null, null]],
]);

it('refuses at the key, with what was read and what is allowed', function (array $said, string $field, string $allowed) {
    try {
        parcel($said);
        $refused = null;
    } catch (Refusal $refusal) {
        $refused = $refusal;
    }
    expect($refused?->field)->toBe($field)->and($refused?->allowed)->toContain($allowed);
})->with([
    'a text that lacks' => [['what' => null], 'what', 'a text'],
    'a text too long' => [['what' => 'a cylinder head'], 'what', 'at most 10 characters'],
    'a case that is none' => [['side' => 'left'], 'side', 'inlet, exhaust'],
    'an amount of nothing' => [['pressure' => '0 kPa'], 'pressure', 'more than'],
    'too much of it' => [['pressure' => '1.1 bar'], 'pressure', 'at most 100 kPa'],
    'too large a size' => [['size' => '10.001 mm'], 'size', 'at most 10 mm'],
    'a wait too long' => [['time' => '721 h'], 'time', 'at most 720 h'],
    'a case of a list' => [['sides' => ['inlet', 'left']], 'sides', 'inlet, exhaust'],
    'a key within' => [['label' => ['text' => 'behind']], 'label.text', 'at most 5 characters'],
    'a key that nobody knows' => [['weight' => '1 kg'], 'weight', 'what'],
    'a key within a list' => [['labels' => [['text' => 'a'], ['text' => 'b', 'count' => 10]]], 'labels.1.count', 'from 1 to 9'],
    'a word of another sort' => [['way' => 'aside'], 'way', 'up, down'],
]);

it('describes itself to who sends it', function () {
    $schema = AParcel::payload()->schema();
    expect($schema['required'])->toBe(['what', 'side', 'pressure'])->and($schema['additionalProperties'])->toBeFalse()
        ->and($schema['properties']['side'])->toBe(['type' => 'string', 'x-enum' => ValveSide::class])
        ->and($schema['properties']['labels']['items'])->toBe(['x-document' => ALabel::class])
        ->and($schema['properties']['way'])->toBe(['type' => 'string', 'enum' => ['up', 'down']])
        ->and($schema['properties']['size'])->toBe(['type' => 'string', 'format' => 'quantity', 'x-dimension' => 'length']);
});

it('states of every kind what its reader asks for: without a needed key it is refused at that key', function (string $kind, stdClass $sent) {
    $class = Kinds::named($kind);
    // what a place is read as is read when the place is known
    $required = array_diff($class::payload()->schema()['required'], $kind === 'reading_taken' ? ['reading'] : []);
    expect(array_diff($required, array_keys(get_object_vars($sent))))->toBe([]);
    foreach ($required as $needed) {
        $without = clone $sent;
        unset($without->{$needed});
        try {
            Kinds::read($class, $without);
            $refused = 'nothing';
        } catch (Refusal $refusal) {
            $refused = $refusal->field;
        }
        expect($refused)->toBe($needed, "$kind without $needed");
    }
})->with(function (): iterable {
    // one of each kind, as a screen sends it
    $sent = [];
    foreach (json_decode((string) file_get_contents(__DIR__.'/fixtures/sent-payloads.json')) as $each) {
        $sent[$each->kind] ??= $each->payload;
    }
    foreach ($sent as $kind => $payload) {
        yield $kind => [$kind, $payload];
    }
});

it('never reads more of a text than is allowed, nor less', function () {
    Property::holds(120, [Generators::choose(1, 20)], function (int $length): void {
        try {
            $read = parcel(['what' => str_repeat('x', $length)])->what;
        } catch (Refusal) {
            $read = null;
        }
        expect($read)->toBe($length <= 10 ? str_repeat('x', $length) : null);
    });
});
