<?php

namespace App\Bench;

use App\Models\Job;
use App\Models\Shop;
use DateTimeImmutable;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Step;
use Moltrek\Core\Torquing\Run;

/** The record as it is printed: what stands above it, its tables, the maps of its joints. */
final readonly class RecordTables
{
    public function __construct(private RecordView $record, private Job $job, private BuildState $state, private DateTimeImmutable $now)
    {
    }

    /** @return array{string, list<string>} what stands above it */
    public function heading(): array
    {
        $sheet = $this->state->sheet;
        $complaint = $this->state->closing->complaint();
        $handedOver = $this->state->closing->handedOver();

        return [$sheet->title().', job '.$this->job->number, array_values(array_filter([
            Shop::shop().', record of '.$this->now->format('Y-m-d H:i'),
            $sheet->description().', '.$sheet->geometry->bore->short().' × '.$sheet->geometry->stroke->short().', '.round($sheet->displacement()).' cm³',
            $this->job->owner.($complaint === '' ? '' : ': '.$complaint),
            $handedOver === null ? null : 'Handed over '.$this->local($handedOver->at).', '.$handedOver->by,
            'Log of '.count($this->state->entries).' entries, the last known by '.JobLog::lastHash($this->job),
        ]))];
    }

    /** @return list<array{string, string}> the name of every joint that was pulled, and its map as SVG */
    public function maps(): array
    {
        return array_map(static fn (Run $run): array => [$run->programme->groups[0]->name, (new JointSvg($run))->svg()], $this->state->runs->all());
    }

    /**
     * All of it as tables, for paper.
     *
     * @return list<array{title: string, columns: list<string>, rows: list<list<string>>}>
     */
    public function all(): array
    {
        $chapters = (new RecordChapters($this->state, $this->now->getTimezone()))->all();
        $lines = self::lines(...);
        $joints = array_map(fn (array $joint): array => $this->jointRow($joint), (new RecordJoints($this->state, $this->now->getTimezone()))->all());
        $tables = [
            ['title' => 'What was judged', 'columns' => ['what', 'figure', 'verdict', 'why'], 'rows' => $this->judged()],
            ['title' => 'Before and after', 'columns' => ['what', 'before', 'after'], 'rows' => array_map(static fn (array $row): array => [$row['name'], $row['before'], $row['after'] ?? 'not read again'], $this->record->beforeAndAfter())],
            ['title' => 'What was decided', 'columns' => [''], 'rows' => $lines($this->record->decisions())],
            ['title' => 'Torque', 'columns' => ['joint', 'state', 'stages', 'pulls'], 'rows' => $joints],
            ...$chapters,
            ['title' => 'Waived', 'columns' => [''], 'rows' => $lines($this->record->waived())],
            ['title' => 'Stays open', 'columns' => [''], 'rows' => $lines($this->record->handOver())],
            ['title' => 'Steps', 'columns' => ['step', 'by', 'at'], 'rows' => array_map(fn (array $step): array => [$step['name'], (string) $step['by'], (string) $step['at']], $this->doneSteps())],
        ];

        $tables[] = ['title' => 'The log', 'columns' => ['at', 'by', 'what'], 'rows' => array_map($this->logRow(...), $this->state->entries)];

        return array_values(array_filter($tables, static fn (array $table): bool => $table['rows'] !== []));
    }

    /**
     * @param  list<string>  $lines
     * @return list<list<string>>
     */
    private static function lines(array $lines): array
    {
        return array_map(static fn (string $line): array => [$line], $lines);
    }

    /** @return list<string> */
    private function logRow(Entry $entry): array
    {
        $struck = RecordView::struck($this->state->struck[$entry->id] ?? null);

        return [$this->local($entry->at), $entry->by,
            $entry->said->words($this->state).($struck === null ? '' : ' (struck out by '.$struck['by'].': '.$struck['reason'].')')];
    }

    /** @return list<list<string>> */
    private function judged(): array
    {
        $read = array_filter($this->state->verdicts->all(), static fn (Assessment $each): bool => $each->verdict !== null && $each->figure !== null);

        return array_values(array_map(static fn (Assessment $each): array => [$each->subject->name, (string) $each->figure, $each->verdict->words ?? '', $each->verdict->reason ?? ''], $read));
    }

    /**
     * @param  array<string, mixed>  $joint
     * @return list<string>
     */
    private function jointRow(array $joint): array
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';
        $stages = is_array($joint['stages']) ? array_map(static fn (mixed $stage): string => is_array($stage) ? $text($stage['asked'] ?? '') : '', $joint['stages']) : [];
        $pulls = is_array($joint['pulls']) ? array_map(static fn (mixed $pull): string => is_array($pull) ? $text($pull['bolt'] ?? '').($text($pull['figure'] ?? '') === '' ? '' : ' '.$text($pull['figure'] ?? '')) : '', $joint['pulls']) : [];

        return [$text($joint['name']), $text($joint['state']).($text($joint['checked_by']) === '' ? '' : ', checked by '.$text($joint['checked_by'])), implode('; ', $stages), implode(', ', $pulls)];
    }

    /** @return list<array{name: string, by: string|null, at: string|null}> */
    private function doneSteps(): array
    {
        $done = array_filter($this->state->work->steps(), fn (Step $step): bool => $this->state->work->isDone($step));

        return array_values(array_map(fn (Step $step): array => ['name' => $step->words->name, 'by' => $this->state->work->doneBy($step->id)?->by,
            'at' => ($at = $this->state->work->doneBy($step->id)?->at) === null ? null : $at->setTimezone($this->now->getTimezone())->format('Y-m-d H:i')], $done));
    }

    private function local(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->now->getTimezone())->format('Y-m-d H:i');
    }
}
