<?php

namespace App\Actions;

use App\Build\JobLog;
use App\Build\Shop;
use App\Calculations\JsonText;
use App\Http\Shapes\EntryResultShape;
use App\Http\Shapes\RefusalShape;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Shelf;
use App\Models\User;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Admission;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryKind;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/**
 * Takes a batch of entries into a job's log, in order, each once: an entry that is there already is answered as stored.
 * An entry that cannot be taken is refused with its reason and the others go in; the batch is one transaction.
 */
final class RecordEntries
{
    /** Clocks that differ by less than this are taken as the same. */
    private const CLOCK_TOLERANCE = 1.0;

    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/';

    /**
     * @param  list<stdClass>  $sent  id, kind, happened_at, payload
     * @param  DateTimeImmutable|null  $clientNow  what the sender's clock says, to correct its times by
     * @return list<EntryResultShape>
     */
    public function __invoke(Job $job, User $by, array $sent, ?DateTimeImmutable $clientNow): array
    {
        return DB::transaction(function () use ($job, $by, $sent, $clientNow): array {
            Job::query()->whereKey($job->id)->lockForUpdate()->first();
            $now = CarbonImmutable::now('UTC')->toDateTimeImmutable();
            $offset = $clientNow === null ? 0.0 : (float) $now->format('U.u') - (float) $clientNow->format('U.u');
            $log = new OpenLog($job->sheet->engine(), JobLog::entries($job));
            $results = [];
            $mayClose = false;
            foreach ($sent as $index => $envelope) {
                try {
                    [$entry, $isNew] = $this->take($job, $by, $envelope, $log, $now, abs($offset) < self::CLOCK_TOLERANCE ? 0.0 : $offset);
                    if ($isNew) {
                        $log->add($entry);
                        $mayClose = $mayClose || in_array($entry->kind, [EntryKind::HandedOver, EntryKind::EntryStruck], true);
                    }
                    $results[] = new EntryResultShape($entry->id, $isNew ? 'stored' : 'already', null);
                } catch (Refusal $refusal) {
                    $id = is_string($envelope->id ?? null) ? $envelope->id : (string) $index;
                    $results[] = new EntryResultShape($id, 'refused', new RefusalShape(...$refusal->toArray()));
                }
            }

            if ($mayClose) {
                $this->closeOrReopen($job, $log);
            }

            return $results;
        });
    }

    /** A machine that was handed over leaves the floor; a hand-over that was struck out brings it back. */
    private function closeOrReopen(Job $job, OpenLog $log): void
    {
        $handedOver = $log->stateFor(EntryKind::HandedOver)->handedOver();
        if (($handedOver === null) !== ($job->closed_at === null)) {
            $job->update(['closed_at' => $handedOver?->at]);
        }
    }

    /** What a job takes from the shelf leaves it, and comes back with the strike-out. */
    private static function fromShelf(Job $job, EntryKind $kind, Fields $fields, mixed $payload, OpenLog $log): void
    {
        $part = $payload instanceof stdClass ? $payload->part ?? '' : '';
        if ($kind === EntryKind::PartTaken && is_string($part) && ! Shelf::take($part, $job->sheet->slug)) {
            throw $fields->placed(MalformedDocument::wrongSort($part, 'a part that lies on the shelf'), 'payload.part');
        }
        $struck = $kind === EntryKind::EntryStruck && $payload instanceof stdClass && is_string($payload->entry ?? null) ? $log->entry($payload->entry) : null;
        if ($struck?->kind === EntryKind::PartTaken) {
            Shelf::giveBack($struck->text('part'), $job->sheet->slug);
        }
    }

    /** What a reading would be if it were entered now, without storing it. */
    public function rehearse(Job $job, User $by, EntryKind $kind, mixed $payload): BuildState
    {
        $entries = JobLog::entries($job);
        $payload = $this->withTools($payload);
        (new Admission(Build::replay($job->sheet->engine(), $entries)))->check($kind, $payload);
        $latest = array_reduce($entries, static fn (?DateTimeImmutable $last, Entry $entry): DateTimeImmutable => max($last ?? $entry->at, $entry->at));
        $at = max(CarbonImmutable::now('UTC')->toDateTimeImmutable(), $latest ?? new DateTimeImmutable('@0'));
        $entries[] = new Entry('ffffffff-ffff-7fff-bfff-ffffffffffff', $kind, $payload instanceof stdClass ? $payload : new stdClass, $at, $by->initials);

        return Build::replay($job->sheet->engine(), $entries, Shop::now());
    }

    /**
     * @return array{Entry, bool} the entry, and whether it is new
     */
    private function take(Job $job, User $by, stdClass $envelope, OpenLog $log, DateTimeImmutable $now, float $offset): array
    {
        $fields = Fields::of($envelope, 'id', 'kind', 'happened_at', 'payload');
        $id = $fields->text('id');
        if (preg_match(self::UUID, $id) !== 1) {
            throw $fields->placed(MalformedDocument::wrongSort($id, 'a UUID in lower case'), 'id');
        }
        $there = $log->entry($id);
        if ($there !== null) {
            return [$there, false];
        }
        if (DB::table('log_entries')->where('id', $id)->exists()) {
            throw $fields->placed(MalformedDocument::wrongSort($id, 'an id that no other job uses'), 'id');
        }
        $kind = $fields->choice('kind', EntryKind::class);
        $at = self::corrected(self::instant($fields, 'happened_at'), $offset, $now);
        $payload = $this->withTools($fields->raw('payload'));
        $fields->placing(fn () => (new Admission($log->stateFor($kind)))->check($kind, $payload), 'payload');

        self::fromShelf($job, $kind, $fields, $payload, $log);
        $this->secondIsAnother($kind, $fields, $payload, $by);
        $entry = new Entry($id, $kind, $payload instanceof stdClass ? $payload : new stdClass, $at, $by->initials);
        DB::table('log_entries')->insert([
            'id' => $id, 'job_id' => $job->id, 'user_id' => $by->id, 'kind' => $kind->value,
            'payload' => JsonText::encode($payload),
            'happened_at' => $at->format('Y-m-d H:i:s.uP'), 'recorded_at' => $now->format('Y-m-d H:i:s.uP'),
        ]);

        return [$entry, true];
    }

    /** A tool named by its id becomes the tool as it is today, so that a later change of its doubt leaves this reading alone. */
    private function withTools(mixed $payload): mixed
    {
        if (! $payload instanceof stdClass) {
            return $payload;
        }
        $payload = clone $payload;
        foreach (['tool', 'set_with'] as $key) {
            $id = $payload->{$key} ?? null;
            if (is_string($id)) {
                $tool = Instrument::query()->find($id) ?? throw MalformedDocument::wrongSort($id, 'a tool of the toolbox')->under('payload.'.$key);
                $payload->{$key} = $tool->snapshot(Shop::now());
            }
        }

        return $payload;
    }

    /** A second person is somebody of the shop, and not the first. */
    private function secondIsAnother(EntryKind $kind, Fields $fields, mixed $payload, User $by): void
    {
        $second = $kind === EntryKind::HoldAnswered && $payload instanceof stdClass ? $payload->second ?? null : null;
        if ($second !== null && ($second === $by->initials || ! User::query()->where('initials', $second)->exists())) {
            $others = User::query()->where('initials', '!=', $by->initials)->orderBy('id')->pluck('initials')->implode(', ');
            throw $fields->placed(MalformedDocument::wrongSort($second, 'one of '.$others), 'payload.second');
        }
    }

    private static function instant(Fields $fields, string $key): DateTimeImmutable
    {
        $text = $fields->text($key, 40);
        if (preg_match('/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d{1,6})?(Z|[+-]\d{2}:\d{2})$/', $text) !== 1 || strtotime($text) === false) {
            throw $fields->placed(MalformedDocument::wrongSort($text, 'an instant such as 2026-11-24T09:30:00Z'), $key);
        }

        return new DateTimeImmutable($text);
    }

    /** The sender's time put right by the difference of the clocks; nothing happens after it is recorded. */
    private static function corrected(DateTimeImmutable $at, float $offset, DateTimeImmutable $now): DateTimeImmutable
    {
        $corrected = DateTimeImmutable::createFromFormat('U.u', sprintf('%.6F', (float) $at->format('U.u') + $offset));

        return $corrected === false || $corrected > $now ? $now : $corrected;
    }
}
