<?php

namespace App\Console\Commands;

use App\Calculations\JsonText;
use App\Calculations\Registry;
use App\Console\BenchClient;
use App\Models\Sheet;
use Database\Seeders\DemoSignIns;
use DateTimeImmutable;
use Illuminate\Console\Command;
use Moltrek\Core\Fitting\ByThickness;
use Moltrek\Core\Fitting\Pairing;
use Moltrek\Core\Fitting\Piece;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Planning\Plan;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Fastener;
use Moltrek\Core\Torquing\Bolt;
use Moltrek\Core\Torquing\Joint;
use Moltrek\Core\Torquing\Pattern;
use Moltrek\Core\Torquing\Programme;
use Ramsey\Uuid\Uuid;
use RuntimeException;
use stdClass;
use Symfony\Component\Process\Process;

/** Measures what the product promises of speed, and prints the table. */
final class Bench extends Command
{
    private const REQUESTS = 100;

    private const LINES = 10_000;

    protected $signature = 'moltrek:bench {address}';

    protected $description = 'Measure speed';

    /** @var list<array{string, string, string}> */
    private array $rows = [];

    public function handle(): int
    {
        $this->replay();
        $this->orderOfWork();
        $this->pulls();
        $address = $this->argument('address');
        $this->interface(is_string($address) ? $address : '');
        $this->calculations();
        $this->pairing();
        $this->thickness();
        $this->valves();
        $this->pattern();
        $this->script();
        $this->line('| what | measured | wanted |');
        $this->line('|---|---|---|');
        foreach ($this->rows as $row) {
            $this->line('| '.implode(' | ', $row).' |');
        }

        return self::SUCCESS;
    }

    private function replay(): void
    {
        $sheet = Sheet::query()->where('slug', 'ulvane-139r')->firstOrFail()->engine();
        $spots = ['piston.1', 'bore.1.across.12', 'bore.1.along.12', 'bore.1.across.30', 'bore.1.along.30', 'bore.1.across.68'];
        $entries = [];
        for ($i = 0; $i < 5000; $i++) {
            $entries[] = Entry::stored(sprintf('01900000-0000-7000-8000-%012d', $i), 'reading_taken',
                (object) ['spot' => $spots[$i % 6], 'reading' => ($i % 6 === 0 ? '54.95' : '55.006').' mm'],
                new DateTimeImmutable('@'.(1_764_000_000 + 60 * $i)), 'TW');
        }
        $this->row('replay of 5,000 entries, median', $this->median(9, static function () use ($sheet, $entries): void {
            Build::replay($sheet, $entries)->nextMove();
        }), 'under 50 ms');
    }

    /** A four-cylinder put together, lifted and put together again until four hundred steps have been done. */
    private function orderOfWork(): void
    {
        $sheet = Sheet::query()->where('slug', 'ostrel-608')->firstOrFail()->engine();
        $at = new DateTimeImmutable('@1764000000');
        $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW')];
        while (count($entries) < 400) {
            foreach (array_keys(Plan::of($sheet)) as $step) {
                $entries[] = Entry::stored('s'.count($entries), 'step_done', (object) ['step' => $step], $at = $at->modify('+5 minutes'), 'TW');
            }
            $entries[] = Entry::stored('l'.count($entries), 'slab_lifted', (object) ['slab' => 'barrel'], $at = $at->modify('+5 minutes'), 'TW');
        }
        $this->row(sprintf('plan and replay of a job of %d steps, median', count($entries)), $this->median(9, static function () use ($sheet, $entries): void {
            Plan::of($sheet);
            Build::replay($sheet, $entries)->nextMove();
        }), '');
        $long = $this->longestInLine();
        $this->row(sprintf('composing a plan of %d steps, median', count(Plan::of($long))), $this->median(9, static function () use ($long): void {
            Plan::of($long);
        }), 'under 50 ms');
        $this->startUpAndPlan();
    }

    /** A head of ten in twenty stages: two hundred pulls, replayed with the job that they belong to. */
    private function pulls(): void
    {
        $sheet = Sheet::query()->where('slug', 'ostrel-608')->firstOrFail()->engine();
        $group = (Programme::on($sheet, 'pull.head') ?? throw new RuntimeException('no programme'))->groups[0];
        $bolts = array_slice(array_map(static fn (Fastener $bolt): array => $bolt->toArray(), $group->bolts), 0, 10);
        $order = array_column($bolts, 'id');
        $stages = array_map(static fn (int $stage): array => ['kind' => 'torque', 'figure' => ($stage + 5).' N·m', 'order' => $order], range(1, 20));
        $at = new DateTimeImmutable('@1764000000');
        $begun = JsonText::decode(JsonText::encode(['step' => 'pull.head', 'programme' => ['groups' => [['id' => 'head', 'name' => 'Head', 'source' => 'bench', 'bolts' => $bolts, 'stages' => $stages]]]]));
        $entries = [Entry::stored('0', 'job_opened', (object) ['condition' => 'apart'], $at, 'TW'), Entry::stored('run', 'run_started', $begun, $at->modify('+1 second'), 'TW')];
        foreach ($stages as $stage => $_) {
            foreach ($order as $bolt) {
                $entries[] = Entry::stored('p'.count($entries), 'bolt_pulled', (object) ['run' => 'run', 'stage' => $stage + 1, 'bolt' => $bolt], $at->modify('+'.count($entries).' seconds'), 'TW');
            }
        }
        $this->row(sprintf('replay of a run of %d pulls, median', count($entries) - 2), $this->median(9, static function () use ($sheet, $entries): void {
            Build::replay($sheet, $entries)->nextMove();
        }), '');
    }

    /** A pull from the tap to the other tablet: entered, heard of at the next question, fetched. */
    private function push(BenchClient $client): void
    {
        $run = self::headOf(JsonText::decode($client->ask('api/jobs/229')));
        $times = [];
        for ($i = 0; $i < 40; $i++) {
            $start = hrtime(true);
            $client->ask('api/jobs/229/entries', ['entries' => [['id' => Uuid::uuid7()->toString(), 'kind' => 'bolt_pulled', 'happened_at' => gmdate('Y-m-d\TH:i:s.v\Z'), 'payload' => ['run' => $run, 'stage' => 2, 'bolt' => 'h7']]]]);
            $client->ask('api/jobs/229/sequence');
            $client->ask('api/jobs/229');
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        sort($times);
        $this->rows[] = ['a pull: entered, heard of, fetched by a second tablet, 95th percentile', sprintf('%.1f ms, and up to 700 ms until it asks', $times[37]), 'under 1 s'];
    }

    /** The id of the run on the head of a job as the interface gives it. */
    private static function headOf(mixed $job): string
    {
        $joints = $job instanceof stdClass && $job->torquing instanceof stdClass && is_array($job->torquing->joints) ? $job->torquing->joints : [];
        foreach ($joints as $joint) {
            if ($joint instanceof stdClass && $joint->step === 'pull.head' && $joint->run instanceof stdClass && is_string($joint->run->id)) {
                return $joint->run->id;
            }
        }
        throw new RuntimeException('The demo shop pulls no head.');
    }

    /** The four-cylinder of the demo shop with as many cylinders as make four hundred steps. */
    private function longestInLine(): EngineSheet
    {
        $document = JsonText::decode((string) file_get_contents(database_path('sheets/ostrel-608.json')));
        assert($document instanceof stdClass && $document->layout instanceof stdClass && $document->valve_train instanceof stdClass);
        $document->layout->cylinders = array_map(static fn (int $number): array => ['id' => "$number", 'name' => "cylinder $number", 'phase' => ($number % 4 * 90).' deg'], range(1, 14));
        $document->valve_train->valves = array_merge(...array_map(static fn (int $number): array => array_map(
            static fn (string $valve): array => ['id' => $number.$valve, 'name' => $valve, 'cylinder' => "$number", 'side' => str_starts_with($valve, 'in') ? 'inlet' : 'exhaust'],
            ['in1', 'in2', 'ex1', 'ex2'],
        ), range(1, 14)));

        return EngineSheet::read(JsonText::decode(JsonText::encode($document)));
    }

    /** What three hundred entries add to a plan that is asked for on the command line. */
    private function startUpAndPlan(): void
    {
        $acts = array_map(static fn (int $number): array => ['kind' => 'note_written', 'payload' => ['text' => "note $number"]], range(1, 150));
        foreach (range(1, 150) as $number) {
            $acts[] = ['kind' => 'reading_taken', 'payload' => ['spot' => 'piston.'.($number % 4 + 1), 'reading' => '66.17 mm']];
        }
        $time = function (array $entries): float {
            return $this->median(5, static function () use ($entries): void {
                $input = JsonText::encode(['sheet' => 'ostrel-608', 'entries' => $entries]);
                (new Process([base_path('moltrek'), 'calc', 'plan'], base_path(), input: $input, timeout: 60))->mustRun();
            });
        };
        $this->row('calc plan with 300 entries, beyond that with none', $time($acts) - $time([]), 'under 300 ms');
    }

    private function interface(string $address): void
    {
        $client = new BenchClient($address);
        $client->ask('api/session');
        $client->ask('api/session', ['username' => 'tomas', 'password' => DemoSignIns::all()['tomas']]);
        $bare = $this->percentile($client, 'api/bare');
        $this->rows[] = ['bare framework route, signed in, 95th percentile', sprintf('%.1f ms', $bare), ''];
        foreach (['Floor, 2,000 jobs' => 'api/floor', 'Bench, 250 entries of 500,000' => 'api/jobs/1010'] as $name => $path) {
            $time = $this->percentile($client, $path);
            $this->rows[] = [$name.', 95th percentile', sprintf('%.1f ms, %.1f × bare', $time, $time / $bare), 'under 100 ms'];
        }
        $time = $this->percentile($client, 'api/jobs/1010/preview', ['spot' => 'piston.1', 'reading' => '54.951 mm']);
        $this->import($client);
        $this->push($client);
        $timing = $this->percentile($client, 'api/jobs/227/timing');
        $this->rows[] = ['the timing bench of a four, 95th percentile', sprintf('%.1f ms, %.1f × bare', $timing, $timing / $bare), ''];
        $tried = $this->percentile($client, 'api/jobs/230/thickness/1', ['joints' => [['slab' => 'base-gasket', 'pieces' => [['name' => 'paper', 'thickness' => '0.30 mm']]]]]);
        $this->rows[] = ['a gasket tried in a stack of thicknesses, 95th percentile', sprintf('%.1f ms, %.1f × bare', $tried, $tried / $bare), 'under 150 ms on screen'];
        $this->rows[] = ['verdict while typing, 95th percentile', sprintf('%.1f ms, %.1f × bare', $time, $time / $bare), 'under 150 ms on screen'];
    }

    private function calculations(): void
    {
        foreach ($this->inputs() as $name => [$lines, $wanted]) {
            $input = str_repeat($this->example($name)."\n", $lines);
            $start = hrtime(true);
            $process = new Process([base_path('moltrek'), 'calc', $name], base_path(), input: $input, timeout: 120);
            $process->mustRun();
            $this->rows[] = [sprintf('calc %s, %s', $name, $lines === 1 ? 'one line' : number_format($lines).' lines'), sprintf('%.2f s', (hrtime(true) - $start) / 1e9), $wanted];
        }
    }

    /** @return array<string, array{int, string}> lines, and what is wanted */
    private function inputs(): array
    {
        return ['piston-clearance' => [self::LINES, 'under 10 s'], 'ring-gap' => [self::LINES, ''], 'bore-map' => [self::LINES, '']];
    }

    private function example(string $name): string
    {
        return Registry::named($name)?->example() ?? throw new RuntimeException($name);
    }

    private function pairing(): void
    {
        $sizes = static fn (int $nominal, int $spread): array => array_map(static fn (int $index): Length => Length::ofNanometres($nominal + ($index * 7919 % $spread) * 1000), range(1, 12));
        [$bores, $pistons] = [$sizes(66_200_000, 14), $sizes(66_160_000, 12)];
        $this->row('pair-pistons, 12 × 12, median', $this->median(9, static function () use ($bores, $pistons): void {
            Pairing::best($bores, $pistons, Length::of('0.030 mm'), Length::of('0.050 mm'));
        }), 'under 500 ms');
    }

    /** Sixty sizes, up to three of them together, none of them on the aim: every way has to be looked at. */
    private function thickness(): void
    {
        $shelf = array_map(static fn (int $at): Piece => new Piece((string) $at, Length::ofNanometres(50_000 + $at * 13_000), 3), range(1, 60));
        $fit = new ByThickness([Length::of('1.58 mm'), Length::of('1.60 mm')], Length::of('0.50 mm'), 1, Length::of('1.00 mm'), Length::of('1.40 mm'));
        $this->row('fit by thickness, 60 sizes, up to three together, median', $this->median(9, static function () use ($fit, $shelf): void {
            $fit->among($shelf, 1, 3);
        }), 'under 500 ms');
    }

    private function valves(): void
    {
        $valves = array_map(static fn (int $index): array => [
            'id' => "v$index", 'measured' => sprintf('%.2f mm', 0.05 + $index * 7 % 30 / 100), 'shim' => sprintf('%.2f mm', 2.3 + $index * 5 % 20 / 40),
        ], range(0, 15));
        $shelf = array_map(static fn (int $index): array => ['size' => sprintf('%.2f mm', 1.2 + $index * 0.05), 'count' => 3], range(0, 59));
        $shims = JsonText::decode(JsonText::encode(['valves' => $valves, 'target' => ['min' => '0.15 mm', 'max' => '0.25 mm'], 'shelf' => $shelf,
            'sold' => ['from' => '1.20 mm', 'to' => '3.50 mm', 'step' => '0.05 mm']]));
        $events = array_map(static fn (int $index): array => [
            'id' => "v$index", 'cylinder' => (string) (1 + intdiv($index, 4)), 'opens' => $index % 2 === 0 ? '342 deg' : '132 deg', 'closes' => $index % 2 === 0 ? '586 deg' : '372 deg',
        ], range(0, 15));
        $positions = JsonText::decode(JsonText::encode(['cylinders' => ['1' => '0 deg', '2' => '180 deg', '3' => '540 deg', '4' => '360 deg'], 'valves' => $events, 'marks' => ['0 deg', '180 deg']]));
        foreach (['shims' => ['shims, 16 valves and a shelf of 60 sizes, median', $shims], 'lash-positions' => ['lash-positions, 16 valves, median', $positions]] as $name => [$words, $document]) {
            $calculation = Registry::named($name) ?? throw new RuntimeException($name);
            $this->row($words, $this->median(9, static function () use ($calculation, $document): void {
                $calculation->answer($document);
            }), 'under 200 ms');
        }
    }

    private function pattern(): void
    {
        $bolts = array_map(static fn (int $at): Bolt => new Bolt((string) $at, Length::of((40 * intdiv($at, 2)).' mm'), Length::of((86 * ($at % 2)).' mm')), range(0, 13));
        $this->row('crosswise pattern of 14 bolts, median', $this->median(9, static function () use ($bolts): void {
            Pattern::cross(new Joint($bolts))->order();
        }), '');
    }

    private function import(BenchClient $client): void
    {
        $places = ['piston.left', 'bore.left.across.14', 'bore.left.along.14', 'bore.left.across.36', 'bore.left.along.36'];
        $csv = "place,reading\n".implode("\n", array_map(static fn (int $line): string => $places[$line % 5].',72.50'.($line % 9).' mm', range(1, 5000)));
        $start = hrtime(true);
        $answer = $client->ask('api/jobs/217/import', ['csv' => $csv, 'enter' => true]);
        if (! str_contains($answer, '"entered":true')) {
            throw new RuntimeException('The file was not entered: '.substr($answer, 0, 300));
        }
        $this->rows[] = ['import of 5,000 readings, looked at and entered', sprintf('%.1f s', (hrtime(true) - $start) / 1e9), ''];
    }

    private function script(): void
    {
        $manifest = (array) JsonText::decode((string) file_get_contents(public_path('build/manifest.json')));
        [$all, $first] = [[], []];
        foreach ($manifest as $chunk) {
            if ($chunk instanceof stdClass && is_string($chunk->file ?? null) && str_ends_with($chunk->file, '.js')) {
                $all[] = $chunk->file;
            }
        }
        $read = static function (string $name) use (&$read, &$first, $manifest): void {
            $chunk = $manifest[$name] ?? null;
            if ($chunk instanceof stdClass && is_string($chunk->file) && ! in_array($chunk->file, $first, true)) {
                $first[] = $chunk->file;
                array_map($read, array_filter(is_array($chunk->imports ?? null) ? $chunk->imports : [], is_string(...)));
            }
        };
        $read('resources/js/main.tsx');
        $this->rows[] = ['script of the first load, gzipped', sprintf('%.1f kB, with every page %.1f kB', self::kilobytes($first), self::kilobytes($all)), 'under 160 kB'];
    }

    /** @param  array<string, mixed>|null  $body */
    private function percentile(BenchClient $client, string $path, ?array $body = null): float
    {
        $times = [];
        for ($i = 0; $i < self::REQUESTS + 5; $i++) {
            $start = hrtime(true);
            $client->ask($path, $body);
            $times[] = (hrtime(true) - $start) / 1e6;
        }
        $times = array_slice($times, 5);
        sort($times);

        return $times[(int) floor(0.95 * count($times))];
    }

    private function row(string $what, float $milliseconds, string $wanted): void
    {
        $this->rows[] = [$what, sprintf('%.1f ms', $milliseconds), $wanted];
    }

    /** @param  callable(): void  $work */
    private function median(int $times, callable $work): float
    {
        $taken = [];
        for ($i = 0; $i < $times; $i++) {
            $start = hrtime(true);
            $work();
            $taken[] = (hrtime(true) - $start) / 1e6;
        }
        sort($taken);

        return $taken[intdiv($times, 2)];
    }

    /** @param  list<string>  $files  of the build */
    private static function kilobytes(array $files): float
    {
        return array_sum(array_map(static fn (string $file): int => strlen((string) gzencode((string) file_get_contents(public_path('build/'.$file)), 9)), $files)) / 1000;
    }
}
