<?php

namespace App\Console\Commands;

use App\Bench\JobLog;
use App\Calculations\JsonText;
use App\Models\Job;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Unreadable;
use Moltrek\Core\Planning\Step;
use stdClass;

/**
 * Replays every job of the shop and says in one line what it comes to, so that a copy can be held against it; and proves the
 * chain of hashes, entry by entry.
 */
final class Verify extends Command
{
    /** So many breaks are named. */
    private const NAMED = 20;

    protected $signature = 'moltrek:verify';

    protected $description = 'Replay every job and print what the shop comes to, as JSON';

    public function handle(): int
    {
        $jobs = $entries = $unreadable = 0;
        [$said, $comesTo] = [hash_init('sha256'), hash_init('sha256')];
        foreach (Job::query()->orderBy('number')->pluck('id')->all() as $id) {
            $job = Job::query()->findOrFail(is_int($id) ? $id : 0);
            $log = JobLog::entries($job);
            hash_update($said, JsonText::encode([$job->number, $job->owner, $job->sheet->slug, $job->sheet->version, self::said($log)]));
            hash_update($comesTo, JsonText::encode([$job->number, self::comesTo($job, $log)]));
            $jobs++;
            $entries += count($log);
            $unreadable += count(array_filter($log, static fn (Entry $entry): bool => $entry->said instanceof Unreadable));
        }
        $broken = self::broken();
        $this->line(JsonText::encode(['jobs' => $jobs, 'entries' => $entries, 'unreadable' => $unreadable, 'said' => hash_final($said), 'comes_to' => hash_final($comesTo), 'broken' => $broken?->count()]));
        foreach ($broken?->take(self::NAMED) ?? [] as $entry) {
            $this->error(sprintf('Job %d: the chain is broken at entry %s.', $entry->job, $entry->id));
        }

        return $broken === null || $broken->isEmpty() ? self::SUCCESS : self::FAILURE;
    }

    /**
     * The entries at which the chain does not hold; null in a database from before there was one.
     *
     * @return Collection<int, stdClass>|null
     */
    private static function broken(): ?Collection
    {
        return Schema::hasView('broken_entries') ? DB::table('broken_entries')->orderBy('job')->orderBy('seq')->get() : null;
    }

    /**
     * @param  list<Entry>  $log
     * @return list<list<string>>
     */
    private static function said(array $log): array
    {
        return array_map(static fn (Entry $entry): array => [$entry->id, $entry->kind(), $entry->by, $entry->at->format('U.u')], $log);
    }

    /**
     * What is done and what is judged at the end of its log, whatever the clock says now.
     *
     * @param  list<Entry>  $log
     * @return array{done: list<string>, verdicts: array<string, string|null>}
     */
    private static function comesTo(Job $job, array $log): array
    {
        $last = array_reduce($log, static fn (?DateTimeImmutable $last, Entry $entry): DateTimeImmutable => max($last ?? $entry->at, $entry->at));
        $state = Build::replay($job->sheet->engine(), $log, $last ?? new DateTimeImmutable('@0'));
        $done = array_filter($state->work->steps(), static fn (Step $step): bool => $state->work->isDone($step));

        return ['done' => array_keys($done), 'verdicts' => array_map(static fn (Assessment $each): ?string => $each->verdict?->state->value, $state->verdicts->all())];
    }
}
