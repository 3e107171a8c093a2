<?php

namespace App\Bench;

use App\Http\Shapes\CamLoopShape;
use App\Http\Shapes\CompressionRowShape;
use App\Http\Shapes\LeakDownShape;
use App\Http\Shapes\LeakTestShape;
use App\Http\Shapes\RecheckShape;
use App\Http\Shapes\RunInStageShape;
use App\Http\Shapes\TrialShape;
use App\Http\Shapes\ValveShape;
use DateTimeImmutable;
use DateTimeZone;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\LeakTest;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Parts\PartReused;
use Moltrek\Core\Log\Parts\PartTaken;
use Moltrek\Core\Log\Parts\PlannedPart;
use Moltrek\Core\Log\Timing\IgnitionRound;
use Moltrek\Core\Log\ValveGear\ShimFitted;
use Moltrek\Core\Sheet\SlabKind;

/** The tables of the record: thicknesses, timing, clearances, fluids, tests, running in, trials, parts, and who did what. */
final readonly class RecordChapters
{
    public function __construct(private BuildState $state, private DateTimeZone $zone)
    {
    }

    /** @return list<array{title: string, columns: list<string>, rows: list<list<string>>}> those in which anything stands */
    public function all(): array
    {
        $closing = (new ClosingBench($this->state))->shape();
        $valves = (new ValvesView($this->state, []))->shape(Aim::Middle, false, null);
        $tables = [
            ['Thicknesses', ['joint', 'what lies there', 'together'], $this->thicknesses()],
            ['Ignition', ['read', 'with', 'by'], $this->ignition()],
            ['Cams', ['cam', 'as it stands', 'events'], array_values(array_filter(array_map(self::cam(...), (new CamView($this->state))->shapes())))],
            ['Valve clearances', ['valve', 'as found', 'now', 'verdict', 'shim', 'left so'], array_values(array_filter(array_map(self::clearance(...), $valves->valves)))],
            ['Rods', ['cylinder', 'let out', 'bled down'], $this->rods()],
            ['Fluids', ['fluid', 'what went in', 'by'], array_values(array_filter(array_map(static fn ($fill): ?array => $fill->filled === null ? null : [$fill->fluid->value, $fill->filled, (string) $fill->by], $closing->fills)))],
            ['Leak test', ['begun', 'gauge', 'result'], array_map($this->leakTest(...), $closing->leak->tests ?? [])],
            ['Leak-down', ['cylinder', 'lost', 'heard at', 'verdict'], array_values(array_filter(array_map(self::leakDown(...), $closing->leakDown)))],
            ['Cranking compression', ['cylinder', 'before', 'after', 'with oil', 'verdict'], $this->compression($closing->compression->rows, $closing->compression->spreadAfter)],
            ['First start', ['looked at', 'found'], array_values(array_filter(array_map(static fn ($item): ?array => $item->right === null ? null : [$item->text, ($item->right ? 'right' : 'not right').($item->note === '' || $item->note === null ? '' : ': '.$item->note).', '.$item->by], $closing->start)))],
            ['Running in', ['until', 'throttle', 'note'], ! $closing->runIn->planned ? [] : array_map(static fn (RunInStageShape $stage): array => [$stage->until, $stage->throttle, (string) $stage->note], $closing->runIn->stages)],
            ['Looked at again', ['what', 'when', 'due'], $this->rechecks($closing->runIn->rechecks, $closing->runIn->planned)],
            ['Tried', ['trial', 'variant', 'conditions', 'found', 'stays because'], array_merge(...array_map(self::trial(...), $closing->trials), ...[[]])],
            ['Parts used', ['part', 'how'], $this->parts()],
            ['Who did what', ['person', 'entries', 'from', 'to'], $this->people()],
        ];
        $said = array_filter($tables, static fn (array $table): bool => $table[2] !== []);

        return array_values(array_map(static fn (array $table): array => ['title' => $table[0], 'columns' => $table[1], 'rows' => $table[2]], $said));
    }

    /** @return list<list<string>> */
    private function thicknesses(): array
    {
        $rows = [];
        foreach ($this->state->sheet->stack->slabs as $slab) {
            $laid = $this->state->thicknesses->at($slab->id);
            if (in_array($slab->kind, [SlabKind::BaseGasket, SlabKind::HeadGasket], true) && $laid->stated) {
                $rows[] = [$slab->name, $laid->inWords().($laid->crushed ? ', crushed' : ''), $laid->thickness()->written()];
            }
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private function ignition(): array
    {
        $rounds = $this->state->timings->rounds();

        return array_map(fn (IgnitionRound $round): array => [$round->entry->said->words($this->state), $round->staleBecause === null ? 'stands' : 'before: '.$round->staleBecause, $round->entry->by], $rounds);
    }

    /** @return list<string>|null nothing where it was not read */
    private static function cam(CamLoopShape $cam): ?array
    {
        $events = [];
        foreach ($cam->sides as $side) {
            if ($side->opens !== null) {
                $events[] = sprintf('%s %s° / %s°, centreline %s°', $side->side->value, $side->opens, $side->closes, $side->centreline);
            }
        }

        return $cam->readings === [] && $events === [] ? null : [$cam->name, $cam->headline, implode('; ', $events)];
    }

    /** @return list<string>|null */
    private static function clearance(ValveShape $valve): ?array
    {
        return $valve->before === null && $valve->now === null ? null
            : [$valve->name.', '.$valve->cylinderName, (string) $valve->before, $valve->now ?? 'not read again', (string) $valve->words, (string) $valve->shim, (string) $valve->loose];
    }

    /** @return list<list<string>> */
    private function rods(): array
    {
        $rows = [];
        foreach ((new RodsView($this->state))->shapes() as $rods) {
            if ($rods->letOut !== null || $rods->spins !== null) {
                $rows[] = [$rods->name, (string) $rods->letOut, (string) $rods->spins];
            }
        }

        return $rows;
    }

    /** @return list<string> */
    private function leakTest(LeakTestShape $test): array
    {
        $points = array_map(static fn ($point): string => round($point->pressure, 1).' kPa at '.($point->at == 0 ? '0' : LeakTest::minutes($point->at)), $test->points);

        return [$this->local(new DateTimeImmutable($test->begun)).', '.$test->by, implode(', ', $points), $test->headline];
    }

    /** @return list<string>|null */
    private static function leakDown(LeakDownShape $read): ?array
    {
        return $read->lost === null ? null : [$read->name, round($read->lost * 100).' %', $read->hisses === [] ? 'nowhere' : implode(', ', $read->hisses), (string) $read->words];
    }

    /**
     * @param  list<CompressionRowShape>  $rows
     * @return list<list<string>>
     */
    private function compression(array $rows, ?float $spread): array
    {
        $read = array_values(array_filter($rows, static fn (CompressionRowShape $row): bool => $row->before !== null || $row->after !== null));
        $table = array_map(static fn (CompressionRowShape $row): array => [$row->name, (string) $row->before, (string) $row->after, (string) $row->wet, (string) $row->words], $read);

        return $spread === null ? $table : [...$table, ['spread', '', round($spread * 100).' %', '', '']];
    }

    /**
     * @param  list<RecheckShape>  $rechecks
     * @return list<list<string>>
     */
    private function rechecks(array $rechecks, bool $isPlanned): array
    {
        $asked = array_filter($rechecks, static fn (RecheckShape $recheck): bool => $isPlanned || $recheck->id !== '');

        return array_values(array_map(static fn (RecheckShape $recheck): array => [$recheck->what, $recheck->when, $recheck->done ? 'done, '.$recheck->by : ($recheck->due ?? 'counted from hand-over')], $asked));
    }

    /** @return list<list<string>> */
    private static function trial(TrialShape $trial): array
    {
        $rows = [];
        foreach ($trial->variants as $variant) {
            $rows[] = [$trial->trial, $variant->variant, $variant->conditions, $variant->found.($variant->figure === null ? '' : ', '.$variant->figure), $variant->variant === $trial->winner ? (string) $trial->because : ''];
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private function parts(): array
    {
        $rows = [];
        foreach (PlannedPart::all($this->state) as $part) {
            if (in_array($part->state, ['arrived', 'fitted'], true)) {
                $rows[] = [$part->part, $part->why === null ? $part->state : $part->state.', '.$part->why];
            }
        }
        foreach ($this->standing() as $entry) {
            if ($entry->said instanceof ShimFitted || $entry->said instanceof PartTaken || $entry->said instanceof PartReused) {
                $rows[] = [$entry->said->words($this->state), $entry->by];
            }
        }
        foreach ($this->state->parts->spent() as $spent) {
            $rows[] = [$spent->part, $spent->why];
        }

        return $rows;
    }

    /** @return list<list<string>> */
    private function people(): array
    {
        $people = [];
        foreach ($this->standing() as $entry) {
            $people[$entry->by][] = $entry->at;
        }

        return array_map(fn (string $by, array $times): array => [$by, (string) count($times), $this->local(min($times)), $this->local(max($times))], array_map(strval(...), array_keys($people)), array_values($people));
    }

    /** @return list<Entry> */
    private function standing(): array
    {
        return array_values(array_filter($this->state->entries, fn (Entry $entry): bool => ! isset($this->state->struck[$entry->id])));
    }

    private function local(DateTimeImmutable $at): string
    {
        return $at->setTimezone($this->zone)->format('Y-m-d H:i');
    }
}
