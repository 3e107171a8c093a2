<?php

namespace Database\Seeders;

use App\Actions\RecordEntries;
use App\Bench\JobLog;
use App\Calculations\JsonText;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\Shop;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Seeder;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Sheet\StepKind;
use Moltrek\Core\Torquing\Programme;
use Ramsey\Uuid\Uuid;
use RuntimeException;
use stdClass;

/** How demo jobs are filled: through the same door as people, so many days before today. */
abstract class DemoBench extends Seeder
{
    protected CarbonImmutable $today;

    /** @var array<string, User> by username */
    private array $staff = [];

    public function __construct()
    {
        $this->today = CarbonImmutable::instance(Shop::now())->startOfDay();
    }

    /**
     * @param  list<string>  $depths
     * @param  array{int, string, string}  $from  day, time, who
     * @return list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>}>
     */
    protected function boresOf(string $cylinder, string $piston, array $depths, string $bore, array $from): array
    {
        [$day, $time, $who] = $from;
        $entries = [[$day, $time, $who, 'reading_taken', ['spot' => 'piston.'.$cylinder, 'reading' => $piston, 'tool' => 'm2']]];
        foreach ($depths as $depth) {
            foreach (['across', 'along'] as $axis) {
                $entries[] = [$day, $time, $who, 'reading_taken', ['spot' => "bore.$cylinder.$axis.$depth", 'reading' => $bore, 'tool' => 'b1']];
            }
        }

        return $entries;
    }

    /** Does what can be done, step after step, until nothing can or the last one wanted is done, or so many pulls of it; that one was done just now. */
    protected function workOn(Job $job, string $who, int $day, string $time, ?string $until = null, ?int $pulls = null): void
    {
        $at = $this->today->addDays($day)->setTimeFromTimeString($time);
        $latest = CarbonImmutable::now()->subMinutes(6);
        for ($count = 0; $count < 300; $count++) {
            $state = JobLog::state($job);
            $able = array_filter($state->work->next(), static fn (string $id): bool => $state->work->spotsOf($state->work->steps()[$id]) === []);
            $steps = array_values(array_map(static fn (string $id): Step => $state->work->steps()[$id], $able));
            $step = $steps[0] ?? null;
            if ($step === null) {
                return;
            }
            if ($until === null && $step->kind !== StepKind::Torque) {
                $at = $this->doTogether($job, $who, $at, $latest, $state, $steps);

                continue;
            }
            $at = min($step->id === $until ? $latest : $at->addMinutes($step->minutes), $latest);
            if ($step->kind === StepKind::Torque) {
                $this->pull($job, $who, $at, $state, $step, $step->id === $until ? $pulls : null);
            } else {
                $this->enter($job, $who, $at, ...self::accepting($state, $step), ...self::doing($step));
            }
            if ($step->id === $until) {
                return;
            }
        }
    }

    /**
     * Steps that are ready at the same time, up to the first joint that is pulled, entered one after another in one go.
     *
     * @param  list<Step>  $steps
     * @return CarbonImmutable when the last of them was done
     */
    protected function doTogether(Job $job, string $who, CarbonImmutable $at, CarbonImmutable $latest, BuildState $state, array $steps): CarbonImmutable
    {
        $entries = [];
        foreach ($steps as $step) {
            if ($step->kind === StepKind::Torque) {
                break;
            }
            $at = min($at->addMinutes($step->minutes), $latest);
            foreach ([...self::accepting($state, $step), ...self::doing($step)] as [$kind, $payload]) {
                $entries[] = [$kind, $payload, null, $at];
            }
        }
        $this->enter($job, $who, $at, ...$entries);

        return $at;
    }

    /**
     * One after another, the last a moment ago: after what was done last.
     *
     * @param  array{string, array<string, mixed>}  ...$entries
     */
    protected function justNow(Job $job, string $who, array ...$entries): void
    {
        $last = CarbonImmutable::now()->subMinutes(2);
        foreach (array_values($entries) as $index => [$kind, $payload]) {
            $this->enter($job, $who, $last->subSeconds(40 * (count($entries) - 1 - $index)), [$kind, $payload]);
        }
    }

    /** A joint pulled by its programme to the check pass, or so many pulls of it, one every few seconds and the last at this time. */
    protected function pull(Job $job, string $who, CarbonImmutable $last, BuildState $state, Step $step, ?int $pulls = null): void
    {
        $programme = Programme::on($state->sheet, $step->id) ?? throw new RuntimeException($step->id.' has no programme');
        $run = Uuid::uuid7()->toString();
        $made = [];
        foreach ($programme->passes as $index => $pass) {
            foreach ($pass->order as $bolt) {
                $isByWrench = $pass->target !== null && ! $pass->is(StageKind::Angle);
                $made[] = ['bolt_pulled', ['run' => $run, 'stage' => $index + 1, 'bolt' => $bolt] + ($isByWrench ? ['with' => ['wrench' => 'w1']] : [])];
            }
        }
        $made = [['run_started', ['step' => $step->id, 'programme' => $programme->toArray()], $run], ...array_slice($made, 0, $pulls)];
        $before = static fn (int $index): CarbonImmutable => $last->subSeconds(8 * (count($made) - 1 - $index));
        $this->enter($job, $who, $last, ...array_map(static fn (int $index, array $entry): array => [$entry[0], $entry[1], $entry[2] ?? null, $before($index)], array_keys($made), $made));
    }

    /** @return list<array{string, array<string, mixed>}> verdicts that its hold would close over, taken upon oneself */
    protected static function accepting(BuildState $state, Step $step): array
    {
        return array_map(static fn (Assessment $each): array => ['verdict_accepted', [
            'verdict' => $each->subject->id, 'state' => $each->verdict?->state->value, 'reason' => 'read twice, the same; Isla has seen it',
        ]], $state->work->questions->open($step));
    }

    /** @return list<array{string, array<string, mixed>}> what is entered when a step is done; a hold of two is answered by two */
    protected static function doing(Step $step): array
    {
        if ($step->kind !== StepKind::Hold || ! $step->asks->secondPerson) {
            return [['step_done', ['step' => $step->id]]];
        }

        return array_map(static fn (int $item): array => ['hold_answered', ['hold' => $step->id, 'item' => $item, 'second' => 'PQ']], array_keys($step->asks->items));
    }

    /**
     * Every place that the sheet limits, read in the middle of what is allowed: the part of a job that gave no trouble.
     *
     * @param  array{int, string, string}  $from  day, time of the first, who
     * @param  list<string>  $without  quantities that the job reads for itself
     * @return list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>}>
     */
    protected function restInOrder(string $slug, array $from, array $without): array
    {
        [$day, $time, $who] = $from;
        $sheet = EngineSheet::read(JsonText::decode((string) file_get_contents(database_path('sheets/'.$slug.'.json'))));
        $at = CarbonImmutable::parse($time);
        $entries = [];
        foreach (Catalogue::of($sheet) as $spot) {
            $limits = $sheet->limitsFor($spot->measurable->key, $spot->at->part, ...$spot->at->also);
            if ($limits === [] || in_array($spot->measurable->key, $without, true)) {
                continue;
            }
            $limit = $limits[0]->limit;
            $low = $limit->min ?? ($limit->max ?? 0) * 0.4;
            $middle = ($low + ($limit->max ?? $low * 1.004)) / 2;
            $tool = $this->usualTool($spot);
            $entries[] = [$day, $at->format('H:i'), $who, 'reading_taken', ['spot' => $spot->id, 'reading' => self::plausible($spot, $middle)] + array_filter(['tool' => $tool, 'set_with' => $spot->form() === EntryForm::HoleAndShaft ? 'g1' : null])];
            $at = $at->addMinutes(2);
        }

        return $entries;
    }

    /**
     * What is read of cams and clearances alone.
     *
     * @param  array{int, string, string}  $from
     * @return list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>}>
     */
    protected function ofCams(string $slug, array $from): array
    {
        return array_values(array_filter($this->restInOrder($slug, $from, ['valve_lash', 'wheel_offset']),
            static fn (array $entry): bool => is_string($entry[4]['spot'] ?? null) && str_starts_with($entry[4]['spot'], 'cam_')));
    }

    protected function usualTool(Spot $spot): ?string
    {
        return Instrument::all()->firstWhere('kind', $spot->measurable->taken->instrument())?->id;
    }

    protected static function plausible(Spot $spot, float $middle): mixed
    {
        $dimension = $spot->measurable->dimension();
        $figure = $dimension->canonicalValue($middle);
        $text = fn (float $value, int $decimals = 3): string => number_format($value, $decimals, '.', '').' '.$dimension->canonicalUnit()->symbol;

        return match ($spot->form()) {
            EntryForm::Leaves => (object) ['passes' => $text(floor($figure * 100) / 100, 2), 'refuses' => $text(floor($figure * 100) / 100 + ($figure < 0.1 ? 0.01 : ($figure < 0.25 ? 0.02 : 0.05)), 2)],
            EntryForm::HoleAndShaft => (object) ['hole' => $text(12 + $figure), 'shaft' => $text(12)],
            default => $text($figure, $dimension->value === 'pressure' ? 0 : 3),
        };
    }

    protected function job(int $number, string $slug, string $owner, int $promisedInDays): Job
    {
        return $this->jobOn($number, $slug, (string) file_get_contents(database_path('sheets/'.$slug.'.json')), $owner, $promisedInDays);
    }

    protected function jobOn(int $number, string $slug, string $document, string $owner, int $promisedInDays): Job
    {
        $sheet = Sheet::query()->firstOrCreate(['slug' => $slug, 'version' => 1], ['document' => $document]);

        return Job::query()->create(['number' => $number, 'engine_sheet_id' => $sheet->id, 'owner' => $owner, 'promised' => $this->today->addDays($promisedInDays)->format('Y-m-d')]);
    }

    /** @param  list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>, 5?: string}>  $entries days from today, time, who, kind, payload, id */
    protected function log(Job $job, array $entries): void
    {
        $early = $this->aheadOfClock($entries);
        foreach ($entries as $entry) {
            [$days, $time, $who, $kind, $payload] = $entry;
            $at = $this->today->addDays($days)->setTimeFromTimeString($time)->subSeconds($days === 0 ? $early : 0);
            $this->enter($job, $who, $at, [$kind, $payload, $entry[5] ?? null]);
        }
    }

    /**
     * Through the same door as people.
     *
     * @param  array{0: string, 1: array<string, mixed>, 2?: string|null, 3?: CarbonImmutable}  ...$entries  kind, payload, id, when if not then
     */
    protected function enter(Job $job, string $who, CarbonImmutable $at, array ...$entries): void
    {
        $person = $this->staff[$who] ??= User::query()->where('username', $who)->firstOrFail();
        $sent = array_map(static fn (array $entry): stdClass => (object) [
            'id' => $entry[2] ?? Uuid::uuid7()->toString(), 'kind' => $entry[0],
            'happened_at' => ($entry[3] ?? $at)->utc()->format('Y-m-d\TH:i:s.v\Z'), 'payload' => JsonText::decode(JsonText::encode($entry[1] === [] ? new stdClass : $entry[1])),
        ], array_values($entries));
        foreach ((new RecordEntries)($job, $person, $sent, null) as $index => $result) {
            if ($result->state !== 'stored') {
                throw new RuntimeException(sprintf('The demo entry %s was refused: %s', JsonText::encode($sent[$index]), $result->refusal?->message));
            }
        }
    }

    /**
     * By how many seconds today's entries would lie in the future if the day is young; they are moved back together.
     *
     * @param  list<array{0: int, 1: string, 2: string, 3: string, 4: array<string, mixed>, 5?: string}>  $entries
     */
    protected function aheadOfClock(array $entries): int
    {
        $today = array_filter($entries, static fn (array $entry): bool => $entry[0] === 0);
        $last = $today === [] ? '00:00' : max(array_column($today, 1));
        $ahead = $this->today->setTimeFromTimeString($last)->getTimestamp() + 120 - CarbonImmutable::now()->getTimestamp();

        return max(0, $ahead);
    }
}
