<?php

namespace App\Actions;

use App\Actions\After\Consequences;
use App\Bench\JobLog;
use App\Calculations\JsonText;
use App\Http\Shapes\EntryResultShape;
use App\Http\Shapes\RefusalShape;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Shelf;
use App\Models\Shop;
use App\Models\User;
use App\Policies\Right;
use App\Store\OpenLog;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Before;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Chamber\ThicknessDecided;
use Moltrek\Core\Log\Closing\HandedOver;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryStruck;
use Moltrek\Core\Log\Kind;
use Moltrek\Core\Log\Kinds;
use Moltrek\Core\Log\Parts\Supplied;
use Moltrek\Core\Log\Parts\Supply;
use Moltrek\Core\Log\Planning\HoldAnswered;
use Moltrek\Core\Log\SheetAdopted;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use stdClass;

/**
 * Takes a batch of entries into a job's log, in order, each once: an entry that is there already is answered as stored.
 * An entry that cannot be taken is refused with its reason and the others go in; the batch is one transaction.
 */
final class RecordEntries
{
    /** Rows written with one statement. */
    private const AT_ONCE = 500;

    /** @var array<string, Instrument|null> those that this batch has named, each asked for once */
    private array $tools = [];

    /**
     * @param  list<stdClass>  $sent  id, kind, happened_at, clock_offset, payload
     * @param  DateTimeImmutable|null  $clientNow  what the sender's clock says, to correct by it the times of entries that carry no offset
     * @return list<EntryResultShape>
     */
    public function __invoke(Job $job, User $by, array $sent, ?DateTimeImmutable $clientNow): array
    {
        return DB::connection()->transaction(function () use ($job, $by, $sent, $clientNow): array {
            Job::query()->whereKey($job->id)->lockForUpdate()->first();
            $now = CarbonImmutable::now('UTC')->toDateTimeImmutable();
            $offset = $clientNow === null ? 0 : (int) round(((float) $now->format('U.u') - (float) $clientNow->format('U.u')) * 1000);
            $log = new OpenLog($job->sheet->engine(), JobLog::entries($job));
            $elsewhere = self::usedElsewhere($sent);
            $results = $rows = [];
            foreach ($sent as $index => $each) {
                try {
                    $envelope = Envelope::of($each);
                    $row = $this->take($job, $by, $envelope, $log, $envelope->happenedAt($offset, $now), isset($elsewhere[$envelope->id]));
                    $results[] = new EntryResultShape($envelope->id, $row === null ? 'already' : 'stored', null);
                    $rows[] = $row;
                } catch (Refusal $refusal) {
                    $id = is_string($each->id ?? null) ? $each->id : (string) $index;
                    $results[] = new EntryResultShape($id, 'refused', new RefusalShape(...$refusal->toArray()));
                }
            }

            $recorded = $now->format('Y-m-d H:i:s.uP');
            foreach (array_chunk(array_filter($rows), self::AT_ONCE) as $few) {
                DB::table('log_entries')->insert(array_map(static fn (array $row): array => $row + ['recorded_at' => $recorded], $few));
            }

            return $results;
        });
    }

    /**
     * The ids of a batch that the log knows already, of this job or another.
     *
     * @param  list<stdClass>  $sent
     * @return array<string, int>
     */
    private static function usedElsewhere(array $sent): array
    {
        $ids = array_filter(array_map(static fn (stdClass $each): mixed => $each->id ?? null, $sent), Envelope::isId(...));

        return array_flip(DB::table('log_entries')->whereIn('id', $ids)->pluck('id')->map(static fn (mixed $id): string => is_string($id) ? $id : '')->all());
    }

    /** @return array<string, mixed>|null the row to be written; null where the log has it already */
    private function take(Job $job, User $by, Envelope $sent, OpenLog $log, DateTimeImmutable $at, bool $isKnown): ?array
    {
        if ($log->entry($sent->id) !== null) {
            return null;
        }
        if ($isKnown) {
            throw $sent->fields->placed(MalformedDocument::wrongSort($sent->id, 'an id that no other job uses'), 'id');
        }
        $kind = $sent->kind();
        $payload = self::vouched($this->withTools($sent->fields->raw('payload')), $by, $job);
        $payload = self::supplied($payload, $kind, $job, $log);
        $said = $sent->fields->placing(static fn (): Kind => $log->before()->admit($kind, $payload), 'payload');
        self::refuseWithoutRight($said, $by, $log, $sent->fields);
        $sent->fields->placing(static function () use ($said, $job, $by): void {
            Consequences::refuse($job, $said);
            self::refuseSecond($said, $by);
        }, 'payload');
        $entry = new Entry($sent->id, $said, $at, $by->initials);
        $log->add($entry);
        Consequences::follow($job, $entry, $log);

        return [
            'id' => $entry->id, 'job_id' => $job->id, 'user_id' => $by->id, 'kind' => $entry->kind(),
            'payload' => JsonText::encode($payload), 'happened_at' => $at->format('Y-m-d H:i:s.uP'),
        ];
    }

    /** What a reading would be if it were entered now, without storing it. */
    public function rehearse(Job $job, User $by, string $kind, mixed $payload): BuildState
    {
        $entries = JobLog::entries($job);
        $sheet = $job->sheet->engine();
        $said = Before::of(Build::replay($sheet, $entries))->enter($kind, $this->withTools($payload));
        $latest = array_reduce($entries, static fn (?DateTimeImmutable $last, Entry $entry): DateTimeImmutable => max($last ?? $entry->at, $entry->at));
        $at = max(CarbonImmutable::now('UTC')->toDateTimeImmutable(), $latest ?? new DateTimeImmutable('@0'));

        return Build::replay($sheet, [...$entries, new Entry('ffffffff-ffff-7fff-bfff-ffffffffffff', $said, $at, $by->initials)], Shop::now());
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
                $payload->{$key} = $this->tool($id, 'payload.'.$key)->snapshot(Shop::today());
            }
        }
        if (($payload->with ?? null) instanceof stdClass) {
            $payload->with = $this->wrenchOfToday($payload->with);
        }

        return $payload;
    }

    /** @throws MalformedDocument at the field, where the toolbox has none of that id */
    private function tool(string $id, string $field): Instrument
    {
        $this->tools[$id] ??= Instrument::named($id);

        return $this->tools[$id] ?? throw MalformedDocument::wrongSort($id, 'a tool of the toolbox')->under($field);
    }

    /**
     * A decision that asks for its pieces says where they come from: off the shelf as it is now, or on order for the day that their
     * maker states. What the job has already is not got twice, whatever picture the sender had.
     *
     * @param  class-string<Kind>  $kind
     */
    private static function supplied(mixed $payload, string $kind, Job $job, OpenLog $log): mixed
    {
        if ($kind !== ThicknessDecided::class || ! $payload instanceof stdClass || ! isset($payload->supplies)) {
            return $payload;
        }
        $isAsked = $payload->supplies !== false;
        $payload = clone $payload;
        unset($payload->supplies);
        if (! $isAsked) {
            return $payload;
        }
        try {
            $said = Kinds::read($kind, $payload);
        } catch (Refusal) {
            // it is refused where it is admitted, with its field
            return $payload;
        }
        assert($said instanceof ThicknessDecided);
        $supplies = Supply::of($log->state(), $said->joints, Shelf::held($job->sheet->slug), Shop::today(), Shop::openDays());
        $payload->supplies = array_map(static fn (Supplied $each): stdClass => (object) $each->toArray(), $supplies);

        return $payload;
    }

    /** That a second person gave their PIN is believed by what the server gave them for it, and by nothing that a tablet says. */
    private static function vouched(mixed $payload, User $by, Job $job): mixed
    {
        if (! $payload instanceof stdClass || ! isset($payload->vouched)) {
            return $payload;
        }
        $text = static fn (string $key): string => is_string($payload->{$key} ?? null) ? $payload->{$key} : '';
        $item = is_int($payload->item ?? null) ? $payload->item : -1;
        if (! Voucher::spend($text('vouched'), $text('second'), $by, $job, $text('hold'), $item)) {
            throw MalformedDocument::wrongSort('this', 'what the second person’s PIN gave for this question of this hold; it is good once, for twelve hours')->under('payload.vouched');
        }
        $payload = clone $payload;
        $payload->vouched = true;

        return $payload;
    }

    /** A wrench and its adapter, named by their ids, by the names they bear, and whether the wrench's check is overdue today. */
    private function wrenchOfToday(stdClass $with): stdClass
    {
        $with = clone $with;
        unset($with->overdue);
        foreach (['wrench', 'adapter'] as $key) {
            $id = $with->{$key} ?? null;
            if (is_string($id)) {
                $tool = $this->tool($id, 'payload.with.'.$key);
                $with->{$key} = $tool->name;
                if ($key === 'wrench' && $tool->isOverdue(Shop::today())) {
                    $with->overdue = true;
                }
            }
        }

        return $with;
    }

    /** A second person is somebody of the shop, and not the first. */
    private static function refuseSecond(Kind $said, User $by): void
    {
        $second = $said instanceof HoldAnswered ? $said->second : '';
        if ($second !== '' && ($second === $by->initials || ! User::query()->where('initials', $second)->exists())) {
            $others = User::query()->where('initials', '!=', $by->initials)->orderBy('id')->pluck('initials')->implode(', ');
            throw MalformedDocument::wrongSort($second, 'one of '.$others)->under('second');
        }
    }

    private static function refuseWithoutRight(Kind $said, User $by, OpenLog $log, Fields $fields): void
    {
        $right = match (true) {
            $said instanceof HandedOver => Right::HandOver,
            $said instanceof SheetAdopted => Right::AdoptSheet,
            $said instanceof EntryStruck && $log->entry($said->entry)?->by !== $by->initials => Right::StrikeAnothers,
            default => null,
        };
        if ($right !== null && ! $right->isOf($by->role)) {
            throw $fields->placed(ContradictoryFields::excluded('kind', $said::name(), $right->refusal(), 'an entry that is yours to make'));
        }
    }
}
