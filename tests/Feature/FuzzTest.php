<?php

use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Log\Kinds;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Two thousand inputs that nobody would send by hand, the same ones every time: whatever comes in, the answer is never a
 * fault of the server, and what is refused is refused with a problem document.
 */
const FUZZED = 2000;

const FUZZ_SEED = 20261126;

final class Fuzz
{
    private const TEXTS = [
        '', ' ', "a\u{0}b", "\u{0}", "\u{7}", 'ölig', "\u{202E}", '0', '-1', '1e9', 'NaN', '55.01 mm', '2.165 in', '99999999999999999999', '2026-30-11', '2026-11-30',
        '1999-12-31', '2101-01-01', '2026-02-29', '2026-11-24T09:30:00Z', '0001-01-01T00:00:00Z', '9999-12-31T23:59:59Z', 'tomorrow', "'; drop table jobs; --", '../../etc/passwd', '%00',
        'piston.1', 'ring_gap.1.top', 'head', 'barrel', 'm2', 'b1', 'TW', 'whole', 'apart', 'ulvane-139r', 'bore honed', 'keep', 'hold.barrel', 'on.barrel', '1',
    ];

    public function __construct(private readonly Randomizer $dice)
    {
    }

    public function of(mixed ...$choices): mixed
    {
        return $choices[$this->dice->getInt(0, count($choices) - 1)];
    }

    public function text(): string
    {
        return $this->dice->getInt(0, 19) === 0 ? str_repeat('9', $this->dice->getInt(30, 4000)) : $this->of(...self::TEXTS);
    }

    public function value(int $depth = 0): mixed
    {
        return match ($this->dice->getInt(0, $depth > 2 ? 7 : 10)) {
            0 => null, 1 => true, 2 => $this->of(0, -1, 1, 7, PHP_INT_MAX, 1.5, -0.0, 1e308),
            3, 4, 5, 6, 7 => $this->text(),
            8 => array_map(fn (): mixed => $this->value($depth + 1), range(0, $this->dice->getInt(0, 3))),
            default => $this->object($this->dice->getInt(0, 3), $depth + 1),
        };
    }

    public function object(int $size, int $depth = 0, string ...$keys): stdClass
    {
        $object = new stdClass;
        for ($i = 0; $i < $size; $i++) {
            $object->{$keys === [] ? $this->of('a', 'spot', 'reading', 'tool', '1', 'text', 'kind', ' ') : $this->of(...$keys)} = $this->value($depth);
        }

        return $object;
    }

    /** A sheet of the demo with anything in one place of it. */
    public function sheet(): string
    {
        $sheet = json_decode((string) file_get_contents(database_path('sheets/'.$this->of('harbick-421', 'ulvane-139r', 'pellgrove-1092').'.json')));
        $at = $sheet;
        for ($depth = 0; $depth < 4 && $at instanceof stdClass && get_object_vars($at) !== []; $depth++) {
            $key = $this->of(...array_keys(get_object_vars($at)));
            if ($depth === 3 || $this->dice->getInt(0, 2) === 0 || ! ($at->{$key} instanceof stdClass || is_array($at->{$key}))) {
                $at->{$key} = $this->value();
                break;
            }
            $at = is_array($at->{$key}) ? ($at->{$key} === [] ? null : $this->of(...$at->{$key})) : $at->{$key};
        }

        return (string) json_encode($sheet, JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    /** A payload with the right keys and anything in them. */
    public function entry(): stdClass
    {
        $kind = $this->of(...array_keys(Kinds::all()));
        $payload = new stdClass;
        foreach (Kinds::named($kind)::payload()->names() as $key) {
            if ($this->dice->getInt(0, 4) > 0) {
                $payload->{$key} = $this->value(1);
            }
        }

        return (object) [
            'id' => $this->of(sprintf('01900000-0000-7000-8000-%012d', $this->dice->getInt(0, 999_999)), $this->value()),
            'kind' => $this->dice->getInt(0, 9) === 0 ? $this->value() : $kind,
            'happened_at' => $this->of('2026-11-24T09:30:00Z', '2026-11-24T09:30:00Z', $this->value()),
            'payload' => $this->dice->getInt(0, 9) === 0 ? $this->value() : $payload,
        ];
    }
}

it('answers two thousand fuzzed inputs without one fault', function () {
    $fuzz = new Fuzz(new Randomizer(new Mt19937(FUZZ_SEED)));
    $json = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'];
    $calculations = array_keys(App\Calculations\Registry::all());
    $statuses = [];
    $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
    for ($i = 0; $i < FUZZED; $i++) {
        if ($i % 10 === 9) {
            Auth::logout();
        } else {
            $this->actingAs($this->person($fuzz->of('isla', 'tomas', 'petra')));
        }
        [$method, $path, $body] = match ($i % 9) {
            0, 1, 2 => ['POST', '/api/jobs/214/entries', (object) ['entries' => [$fuzz->entry(), $fuzz->entry()]]],
            3 => ['POST', '/api/jobs/'.$fuzz->of('217', '999999999999999999999', '0', '-1').'/'.$fuzz->of('entries', 'preview', 'import'), $fuzz->object(3, 0, 'entries', 'spot', 'reading', 'csv', 'enter', 'client_now', 'by')],
            4 => ['POST', '/api/calculations/'.$fuzz->of(...$calculations), $fuzz->object(4, 0, 'bore', 'piston', 'limit', 'readings', 'sheet', 'entries', 'tasks', 'value', 'to', 'passes', 'refuses', 'marks')],
            5 => ['POST', $fuzz->of('/api/session', '/api/session', '/api/jobs', '/api/sheets', '/api/sheets/ulvane-139r/findings', '/api/shelf', '/api/habits', '/api/tools/m2', '/api/photos'), $fuzz->object(4, 0, 'username', 'password', 'sheet', 'owner', 'condition', 'promised', 'document', 'text', 'from', 'part', 'count', 'name', 'kind', 'doubt', 'leaves', 'checked_on')],
            6 => ['GET', '/api/'.$fuzz->of('jobs/', 'sheets/', 'photos/', 'jobs/214/lift-cost/', 'jobs/214/stand-in/', 'dates?late_job=', 'dates?days[]=').rawurlencode(mb_substr($fuzz->text(), 0, 300)), null],
            7 => ['POST', $fuzz->of('/api/sheets/draft', '/api/sheets/draft', '/api/sheets/printed', '/api/benches', '/api/shop', '/api/people/petra', '/api/jobs/214/rod', '/api/sheets/ulvane-139r/limits/preview'),
                $fuzz->of((object) ['document' => $fuzz->sheet()], $fuzz->object(4, 0, 'document', 'text', 'quantity', 'dimensions', 'bench', 'job', 'hours', 'benches', 'suppliers', 'name', 'zone', 'rod', 'source'))],
            default => ['GET', '/'.rawurlencode(mb_substr($fuzz->text(), 0, 300)), null],
        };
        $answer = $this->call($method, $path, server: $json, content: $body === null ? null : json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR));
        $statuses[$answer->status()] = ($statuses[$answer->status()] ?? 0) + 1;
        expect($answer->status())->toBeLessThan(500, "$method $path ".json_encode($body, JSON_PARTIAL_OUTPUT_ON_ERROR));
        if ($answer->status() >= 400 && str_starts_with($path, '/api/')) {
            expect($answer->headers->get('Content-Type'))->toBe('application/problem+json', "$method $path");
        }
    }
    // it would prove nothing if everything were turned away at the door
    expect(array_sum($statuses))->toBe(FUZZED)->and($statuses[200] ?? 0)->toBeGreaterThan(300)->and($statuses[422] ?? 0)->toBeGreaterThan(200);
    $this->actingAs($this->person())->getJson('/api/jobs/214')->assertOk();
    $this->getJson('/api/jobs/214/record')->assertOk();
    $this->getJson('/api/dates')->assertOk();
    expect(DB::table('log_entries')->whereRaw("payload::text like '%' || chr(92) || 'u0000%'")->exists())->toBeFalse();
});
