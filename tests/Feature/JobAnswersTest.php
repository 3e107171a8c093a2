<?php

use App\Models\Shelf;
use App\Models\ShopSettings;
use Illuminate\Support\Facades\DB;

/** The bench of a job as a tablet gets it. */
function benchOf(Tests\TestCase $test, int $job): array
{
    return $test->actingAs($test->person())->getJson("/api/jobs/$job")->assertOk()->json();
}

it('answers the same from what is kept as from the log, and keeps it once', function () {
    DB::table('job_answers')->delete();
    $made = benchOf($this, 214);
    expect(DB::table('job_answers')->count())->toBe(1);
    DB::table('job_answers')->update(['answer' => '{"kept": true}']);
    expect(benchOf($this, 214))->toBe(['kept' => true]);
    DB::table('job_answers')->delete();
    expect(benchOf($this, 214))->toBe($made);
});

it('makes it again when anything that shows on the bench has changed', function (Closure $change) {
    benchOf($this, 214);
    DB::table('job_answers')->update(['answer' => '{"kept": true}']);
    $change($this);
    expect(benchOf($this, 214))->not->toBe(['kept' => true]);
})->with([
    'an entry' => [fn ($test) => $test->enter(214, $test->entry('note_written', ['text' => 'Warm in here.']))],
    'a tool' => [fn () => DB::table('instruments')->where('id', 'b1')->update(['doubt' => '0.009 mm'])],
    'the shelf' => [fn () => Shelf::put('Circlips', 'ulvane-139r', 1)],
    'a person' => [fn ($test) => $test->person('petra')->update(['disabled_at' => now()])],
    'the units of the shop' => [fn () => DB::table('shop')->update(['units' => '{"length": "in"}'])],
    'a newer sheet' => [fn () => DB::table('engine_sheets')->insert((array) DB::table('engine_sheets')->where('slug', 'ulvane-139r')->first(['slug', 'document']) + ['version' => 9])],
    'another day' => [fn ($test) => $test->travel(1)->days()],
]);

it('is not made again by a sign-in', function () {
    benchOf($this, 214);
    $revision = fn () => DB::table('shop_revision')->value('revision');
    $before = $revision();
    $this->person('petra')->update(['remember_token' => 'another']);
    expect($revision())->toBe($before);
    ShopSettings::keepPractice(false);
    expect($revision())->toBe($before + 1);
});

it('lets a wait that is over end on the bench', function () {
    $this->enter(214, $this->entry('wait_started', ['what' => 'Plates soaking', 'time' => '20 min'], at: '2026-11-24T11:59:00Z'));
    $waits = fn (): array => array_column(benchOf($this, 214)['planning']['waits'], 'name');
    expect($waits())->toContain('Plates soaking');
    $this->travel(10)->minutes();
    expect($waits())->toContain('Plates soaking');
    $this->travel(10)->minutes();
    expect($waits())->not->toContain('Plates soaking');
});
