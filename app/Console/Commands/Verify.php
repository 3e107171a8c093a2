<?php

namespace App\Console\Commands;

use App\Bench\JobLog;
use App\Calculations\JsonText;
use App\Models\Job;
use App\Models\Shop;
use App\Upkeep\Photographs;
use App\Upkeep\ShopProof;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Unreadable;
use Moltrek\Core\Planning\Step;

/**
 * Replays every job of the shop and says in one line what it comes to, so that a copy can be held against it; and proves that
 * nothing of it was changed or taken away.
 */
final class Verify extends Command
{
    /** So many findings are named. */
    private const NAMED = 20;

    protected $signature = 'moltrek:verify {--snapshot= : of the database, as PostgreSQL has exported it} {--photos= : the folder with its photographs} {--restored : read back from a backup: another installation may have sealed it} {--head= : a line of ./moltrek head: is what it stands for still there?}';

    protected $description = 'Replay every job, prove that the shop is what was kept of it, and print what it comes to, as JSON';

    public function handle(): int
    {
        $head = $this->option('head');
        if (is_string($head)) {
            return $this->answerHead($head);
        }
        $snapshot = $this->option('snapshot');
        if (is_string($snapshot)) {
            DB::beginTransaction();
            DB::statement('set transaction isolation level repeatable read, read only');
            DB::statement('set transaction snapshot '.DB::getPdo()->quote($snapshot));
        }
        $jobs = $entries = $unreadable = 0;
        [$said, $comesTo] = [hash_init('sha256'), hash_init('sha256')];
        $photos = $this->option('photos');
        $proof = Schema::hasTable('shop_chain') ? new ShopProof(is_string($photos) ? new Photographs($photos) : Photographs::here(), $this->option('restored') === true) : null;
        foreach (Job::query()->orderBy('number')->pluck('id')->all() as $id) {
            $job = Job::query()->findOrFail(is_int($id) ? $id : 0);
            $log = JobLog::entries($job);
            hash_update($said, JsonText::encode([$job->number, $job->owner, $job->sheet->slug, $job->sheet->version, self::said($log)]));
            hash_update($comesTo, JsonText::encode([$job->number, self::comesTo($job, $log)]));
            $proof?->readLog($job);
            $jobs++;
            $entries += count($log);
            $unreadable += count(array_filter($log, static fn (Entry $entry): bool => $entry->said instanceof Unreadable));
        }
        $findings = $proof?->findings() ?? [];
        $this->line(JsonText::encode([
            'jobs' => $jobs, 'entries' => $entries, 'unreadable' => $unreadable, 'said' => hash_final($said), 'comes_to' => hash_final($comesTo),
            'broken' => $proof === null ? null : count($findings), 'links' => $proof?->links(), 'head' => $proof === null ? null : ShopProof::head(Shop::now()->format('Y-m-d')),
        ]));
        foreach (array_slice($findings, 0, self::NAMED) as $finding) {
            $this->line($finding);
        }
        if (count($findings) > self::NAMED) {
            $this->line(sprintf('… and %d more.', count($findings) - self::NAMED));
        }
        if ($proof !== null) {
            $this->line($proof->soundness());
        }

        return $findings === [] ? self::SUCCESS : self::FAILURE;
    }

    private function answerHead(string $line): int
    {
        $contains = ShopProof::contains($line);
        $this->line(match ($contains) {
            null => 'This is no line of ./moltrek head: a day, how many links, 32 digits, such as "'.ShopProof::head(Shop::now()->format('Y-m-d')).'".',
            true => 'The log still contains everything that this line stands for.',
            false => 'The log does not contain what this line stands for: entries were taken away or changed since.',
        });

        return $contains === true ? self::SUCCESS : self::FAILURE;
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
