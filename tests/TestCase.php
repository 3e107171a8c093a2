<?php

namespace Tests;

use App\Models\Job;
use App\Models\User;
use Carbon\Carbon;
use Carbon\CarbonImmutable;
use Database\Seeders\DemoSeeder;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Testing\TestResponse;
use Ramsey\Uuid\Uuid;

/** Feature tests run against a real PostgreSQL with the demo shop in it, each in a transaction of its own. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    public $mockConsoleOutput = false;

    protected bool $seed = true;

    protected string $seeder = DemoSeeder::class;

    /** A Tuesday at noon: the demo jobs were opened yesterday and worked on this morning. */
    public const NOW = '2026-11-24T12:00:00Z';

    protected function setUp(): void
    {
        Carbon::setTestNow(self::NOW);
        CarbonImmutable::setTestNow(self::NOW);
        parent::setUp();
        Carbon::setTestNow(self::NOW);
        CarbonImmutable::setTestNow(self::NOW);
        $this->withoutMiddleware(ValidateCsrfToken::class);
        $this->withoutVite();
    }

    public function createApplication()
    {
        return $this->bootstrapped();
    }

    public function person(string $username = 'tomas'): User
    {
        return User::query()->where('username', $username)->firstOrFail();
    }

    public function job(int $number): Job
    {
        return Job::query()->where('number', $number)->firstOrFail();
    }

    /** @return array{id: string, kind: string, happened_at: string, payload: mixed} */
    public function entry(string $kind, mixed $payload, ?string $id = null, string $at = '2026-11-24T11:30:00Z'): array
    {
        return ['id' => $id ?? Uuid::uuid7()->toString(), 'kind' => $kind, 'happened_at' => $at, 'payload' => $payload];
    }

    /** Sends entries to a job's log as a signed-in mechanic. */
    public function enter(int $job, array ...$entries): TestResponse
    {
        return $this->actingAs($this->person())->postJson("/api/jobs/$job/entries", ['entries' => $entries]);
    }

    private function bootstrapped()
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(\Illuminate\Contracts\Console\Kernel::class)->bootstrap();

        return $app;
    }
}
