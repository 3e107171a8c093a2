<?php

use App\Calculations\Registry;
use App\Http\Outage;
use App\Http\Problem;
use App\Text\Csv;
use Illuminate\Database\QueryException;
use Moltrek\Core\Refusal\Refusal;

/** Nine kinds of value that are hardly ever meant, digits of another script among them. */
function wrongKinds(): array
{
    return [null, true, -1, 1e308, 'ten', '٣٫٥ mm', [], (object) [], "a\u{0}b"];
}

/**
 * Where something stands in a document, however deep.
 *
 * @return list<list<string|int>>
 */
function placesIn(mixed $document, array $path = []): array
{
    $places = [];
    foreach (is_object($document) || is_array($document) ? (array) $document : [] as $key => $value) {
        array_push($places, [...$path, $key], ...placesIn($value, [...$path, $key]));
    }

    return $places;
}

function replaced(mixed $document, array $path, mixed $by): mixed
{
    $key = array_shift($path);
    $value = $path === [] ? $by : replaced(is_object($document) ? $document->{$key} : $document[$key], $path, $by);
    if (is_object($document)) {
        $document->{$key} = $value;
    } else {
        $document[$key] = $value;
    }

    return $document;
}

it('answers every calculation, or refuses it in words, whatever stands in whichever of its fields', function (string $name) {
    $calculation = Registry::named($name);
    $example = $calculation->example();
    $refused = $answered = 0;
    foreach (placesIn(json_decode($example)) as $path) {
        foreach (wrongKinds() as $wrong) {
            try {
                $calculation->answer(replaced(json_decode($example), $path, $wrong));
                $answered++;
            } catch (Refusal $refusal) {
                expect($refusal->toArray()['message'])->not->toBe('');
                $refused++;
            }
        }
    }
    // most of them can be used for nothing
    expect($refused)->toBeGreaterThan($answered);
})->with(array_keys(Registry::all()));

it('reads a figure in the digits of another script, or says what it takes', function (string $figure) {
    $answer = $this->actingAs($this->person())->postJson('/api/jobs/214/preview', ['kind' => 'reading_taken', 'payload' => ['spot' => 'piston.1', 'reading' => $figure]]);
    expect($answer->status())->toBeIn([200, 422]);
    if ($answer->status() === 422) {
        expect($answer->json('field'))->toContain('reading')->and($answer->json('allowed'))->not->toBe('');
    }
})->with(['٥٤٫٩٥ mm', '５４.９５ mm', '५४.९५ mm', '54․95 mm', '⁵⁴·⁹⁵ mm', '54,95 мм']);

it('refuses a list where a word belongs', function (string $method, string $path, array $body) {
    expect($this->actingAs($this->person())->json($method, $path, $body)->status())->toBeIn([200, 404, 422]);
})->with([
    ['GET', '/api/jobs/214/stand-in-pull/pull.head?bolt[]=1', []], ['GET', '/api/jobs/214/sequence?bolt[]=1&group[]=head', []], ['GET', '/api/jobs/214/stand-in-wheel?from[]=1', []],
    ['GET', '/api/dates?late_job[]=1&days[]=2', []], ['GET', '/api/sheets/ulvane-139r/differences?with[]=x', []], ['POST', '/api/session', ['username' => ['a'], 'password' => ['b'], 'code' => ['c']]],
]);

it('says that the database or the disk is not there for a while, and when to come again', function (Throwable $error, int $status, ?string $after, string $title) {
    $answer = Problem::from($error);
    expect($answer->getStatusCode())->toBe($status)->and($answer->headers->get('Retry-After'))->toBe($after)->and(json_decode((string) $answer->getContent())->title)->toBe($title);
})->with(function () {
    $query = function (string $state, string $said): QueryException {
        $thrown = new PDOException("SQLSTATE[$state]: $said");
        (new ReflectionProperty(Exception::class, 'code'))->setValue($thrown, is_numeric($state) && strlen($state) === 1 ? (int) $state : $state);

        return new QueryException('pgsql', 'select 1', [], $thrown);
    };

    return [
        'shutting down' => [$query('57P01', 'terminating connection due to administrator command'), 503, '2', 'The database is not there'],
        'starting up' => [$query('57P03', 'the database system is starting up'), 503, '2', 'The database is not there'],
        'nobody listens' => [$query('08006', 'connection to server at "127.0.0.1" failed: Connection refused'), 503, '2', 'The database is not there'],
        'the line broke' => [$query('HY000', 'General error: 7 server closed the connection unexpectedly'), 503, '2', 'The database is not there'],
        'its disk is full' => [$query('53100', 'could not extend file: No space left on device'), 503, '30', 'The disk is full'],
        'the disk of sessions is full' => [new ErrorException('file_put_contents(): Write of 4096 bytes failed with errno=28 No space left on device'), 503, '30', 'The disk is full'],
        'a fault of the program' => [$query('42703', 'column "x" does not exist'), 500, null, 'A fault in Moltrek'],
    ];
});

it('does not take a shop whose database is away for one that nobody has begun', function () {
    expect(Outage::isNotMade(new QueryException('own', 'select 1', [], new PDOException('SQLSTATE[08006] [7] connection to server failed: FATAL:  database "moltrek_own" does not exist'))))->toBeTrue()
        ->and(Outage::isNotMade(new QueryException('own', 'select 1', [], new PDOException('SQLSTATE[08006] [7] connection to server failed: Connection refused'))))->toBeFalse();
});

it('keeps what a spreadsheet would take for a formula as text, and a figure as a figure', function (string $cell, string $kept) {
    expect(Csv::of(['a'], [[$cell]]))->toBe("a\n$kept\n");
})->with([
    ['=1+1', "'=1+1"], ['@SUM(A1)', "'@SUM(A1)"], ['+cmd|x', "'+cmd|x"], ['-2+3', "'-2+3"], ["\tx", "\"'\tx\""], ['-0.04 mm', '"-0.04 mm"'], ['+12.5', '+12.5'], ['-1,25', '"-1,25"'], ['-1=2', "'-1=2"],
    ['Head gasket', '"Head gasket"'], ['55.01', '55.01'], ['+1(2)', "'+1(2)"],
]);
