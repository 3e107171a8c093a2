<?php

namespace App\Bench;

use App\Models\Job;
use App\Models\Shop;
use App\Text\Csv;
use App\Upkeep\ShopProof;
use DateTimeImmutable;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\EntryStruck;
use Moltrek\Core\Log\Planning\Debt;
use Moltrek\Core\Log\Planning\LedgerItem;
use Moltrek\Core\Log\RecordPart;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Sheet\School;

/**
 * The record that goes out with the machine: what was read, what it was judged by, what was fitted, who did what.
 * The document follows docs/schemas/record.schema.json.
 */
final readonly class RecordView
{
    public const SCHEMA = 'moltrek-record-1';

    public const CAUTION = 'Moltrek\'s figures support a trained person. The engine maker\'s service manual, local rules and licensed practice come first.';

    private function __construct(private Job $job, private BuildState $state, private DateTimeImmutable $now)
    {
    }

    public static function of(Job $job): self
    {
        return new self($job, JobLog::state($job), Shop::now());
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $sheet = $this->state->sheet;

        return [
            'schema' => self::SCHEMA,
            'shop' => Shop::shop(),
            'job' => [
                'number' => $this->job->number, 'owner' => $this->job->owner, 'complaint' => $this->state->closing->complaint(),
                'promised' => $this->job->promised?->format('Y-m-d'),
            ],
            'engine' => [
                'sheet' => $this->job->sheet->slug, 'version' => $this->job->sheet->version,
                'title' => $sheet->title(), 'description' => $sheet->description(),
                'bore' => $sheet->geometry->bore->quantity(), 'stroke' => $sheet->geometry->stroke->quantity(),
                'displacement' => ['value' => round($sheet->displacement(), 1), 'unit' => 'cm3'],
            ],
            'made' => $this->now->format(DATE_ATOM),
            'readings' => array_values(array_filter(array_map($this->reading(...), array_values($this->state->spots)))),
            'before_and_after' => $this->beforeAndAfter(),
            'verdicts' => array_map(self::verdict(...), array_values($this->state->verdicts->all())),
            'decisions' => $this->decisions(),
            'chapters' => (new RecordChapters($this->state, $this->now->getTimezone()))->all(),
            'joints' => (new RecordJoints($this->state, $this->now->getTimezone()))->all(),
            'steps' => array_map($this->step(...), array_values($this->state->work->steps())),
            'waived' => $this->waived(),
            'hand_over' => $this->handOver(),
            'log' => $this->log(),
            'chain' => ['entries' => count($this->state->entries), 'hash' => JobLog::lastHash($this->job), 'shop' => ShopProof::head($this->now->format('Y-m-d'))],
            'caution' => self::CAUTION,
        ];
    }

    /** All of it as tables, for paper. */
    public function onPaper(): RecordTables
    {
        return new RecordTables($this, $this->job, $this->state, $this->now);
    }

    /** One line a place that has been read. */
    public function csv(): string
    {
        $lines = [];
        foreach (array_filter(array_map($this->reading(...), array_values($this->state->spots))) as $reading) {
            $lines[] = [
                $reading['name'], $reading['as_typed'], $reading['value']['value'] ?? '', $reading['value']['unit'] ?? 'mm',
                $reading['low']['value'] ?? '', $reading['high']['value'] ?? '',
                $reading['tool'] ?? '', $reading['by'], $reading['at'],
            ];
        }

        return Csv::of(['place', 'as typed', 'value', 'unit', 'lower bound', 'upper bound', 'tool', 'by', 'at'], $lines);
    }

    /** @return array{place: string, name: string, as_typed: string, value: array{value: float, unit: string}|null, low: array{value: float, unit: string}|null, high: array{value: float, unit: string}|null, tool: string|null, taken_with: string|null, by: string, at: string}|null */
    private function reading(Spot $spot): ?array
    {
        $entry = $this->state->readings->entryAt($spot->id);
        $reading = $this->state->readings->at($spot->id);
        if ($entry === null || $reading === null) {
            return null;
        }

        return [
            'place' => $spot->id, 'name' => $spot->name, 'as_typed' => $reading->text,
            'value' => $reading->quantity(),
            'low' => $reading->bracket()?->low->quantity(), 'high' => $reading->bracket()?->high?->quantity(),
            'tool' => $reading->tool?->name, 'taken_with' => $this->state->readings->takenIn($spot->id), 'by' => $entry->by, 'at' => $this->local($entry->at),
        ];
    }

    /** @return list<string> what a hold asked and somebody waived: it stays visible */
    public function waived(): array
    {
        return array_map(fn (Entry $entry): string => $entry->said->words($this->state).' '.$entry->by, $this->listed(RecordPart::Waived));
    }

    /** @return list<Entry> the entries that stand and that the record lists in this part */
    private function listed(RecordPart $part): array
    {
        return array_values(array_filter($this->state->entries,
            fn (Entry $entry): bool => $entry->said->inRecord() === $part && ! isset($this->state->struck[$entry->id])));
    }

    /** @return list<string> what stays open when the machine goes out */
    public function handOver(): array
    {
        return [
            ...$this->state->closing->openEnds(),
            ...array_map(fn (Entry $entry): string => $entry->said->words($this->state), $this->state->proofs->wrongAtStart()),
            ...array_map(static fn (Debt $debt): string => 'Owed its torque: '.$debt->what.', '.$debt->reason, $this->state->ledger->debts()),
            ...array_map(static fn (LedgerItem $item): string => 'Not out: '.$item->what, $this->state->ledger->items()),
        ];
    }

    /** @return list<string> what was decided of bores, pistons and rings, and by whose habit the rest was done */
    public function decisions(): array
    {
        return [...array_map(fn (Entry $entry): string => $entry->said->words($this->state), $this->listed(RecordPart::Decision)), ...$this->habits()];
    }

    /** @return list<string> the schools of sheet and shop by which something here is done */
    private function habits(): array
    {
        $lines = [];
        foreach (School::all() as $matter) {
            [$school, $whose] = $this->state->schools->of($matter);
            $isOfHere = array_filter($this->state->work->steps(), static fn (Step $step): bool => $step->isDoneBy($matter->matter)) !== [];
            if ($isOfHere && ($whose === 'sheet' || $whose === 'shop')) {
                $lines[] = sprintf('%s: %s, %s', $matter->question, $school, $whose === 'sheet' ? 'as the sheet has it' : 'the shop’s habit');
            }
        }

        return $lines;
    }

    /** @return list<array{name: string, before: string, after: string|null, why: string|null}> */
    public function beforeAndAfter(): array
    {
        $rows = [];
        foreach ($this->state->spots as $spot) {
            $stale = $this->state->readings->staleAt($spot->id);
            $first = $this->state->readings->firstAt($spot->id) ?? $stale?->reading;
            if ($first !== null) {
                $rows[] = [
                    'name' => $spot->name,
                    'before' => $this->state->readings->of($first)->text ?? '',
                    'after' => $this->state->readings->at($spot->id)?->text,
                    'why' => $stale?->why,
                ];
            }
        }

        return $rows;
    }

    /** @return array<string, mixed> */
    private static function verdict(Assessment $assessment): array
    {
        return [
            'name' => $assessment->subject->name, 'figure' => $assessment->figure,
            'doubt' => $assessment->doubt?->quantity(),
            'range_by' => $assessment->subject->source->range?->value, 'service_by' => $assessment->subject->source->service?->value,
            'chosen_because' => $assessment->subject->source->reason,
            'words' => $assessment->verdict->words ?? 'Not measured',
            'verdict' => $assessment->verdict?->toArray(),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        $done = $this->state->work->isDone($step) ? $this->state->work->doneBy($step->id) : null;

        return ['name' => $step->words->name, 'done' => $this->state->work->isDone($step), 'by' => $done?->by, 'at' => $done === null ? null : $this->local($done->at)];
    }

    /** @return list<array<string, mixed>> oldest first, struck lines and all */
    private function log(): array
    {
        return array_map(fn (Entry $entry): array => [
            'id' => $entry->id, 'kind' => $entry->kind(), 'at' => $this->local($entry->at), 'by' => $entry->by,
            'text' => $entry->said->words($this->state),
            'photo' => $entry->photo(),
            'struck' => self::struck($this->state->struck[$entry->id] ?? null),
        ], $this->state->entries);
    }

    /** @return array{by: string, reason: string}|null */
    public static function struck(?Entry $strike): ?array
    {
        return $strike === null ? null : ['by' => $strike->by, 'reason' => $strike->said instanceof EntryStruck ? $strike->said->reason : ''];
    }

    private function local(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->now->getTimezone())->format(DATE_ATOM);
    }
}
