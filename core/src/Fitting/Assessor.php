<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\Limit;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Judgement\Verdict;
use Moltrek\Core\Measuring\BoreMap;
use Moltrek\Core\Measuring\BorePoint;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\BoreShape;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\EntryForm;
use Moltrek\Core\Measuring\Measurable;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SheetLimit;

/** Judges everything that the readings of an engine allow to be judged. */
final readonly class Assessor
{
    /**
     * @param  array<string, Spot>  $spots
     * @param  array<string, Reading>  $readings  the standing reading of each spot
     * @param  array<string, SourceChoice>  $choices  by scope
     */
    public function __construct(private EngineSheet $sheet, private array $spots, private array $readings, private array $choices)
    {
    }

    /** @return array<string, Assessment> by id, in the order of the spots */
    public function all(): array
    {
        $assessments = [];
        $mapped = [];
        foreach ($this->spots as $spot) {
            $cylinder = $spot->cylinder;
            if ($spot->measurable->key === 'bore' && $cylinder !== null && ! isset($mapped[$cylinder->id])) {
                $mapped[$cylinder->id] = true;
                array_push($assessments, $this->clearance($cylinder), ...$this->shape($cylinder));
            } elseif ($spot->measurable->judged || $spot->form() === EntryForm::YesNo) {
                $assessments[] = $this->single($spot);
            }
        }

        return array_column($assessments, null, 'id');
    }

    /** The bore map of a cylinder, as far as it has been read. */
    public function map(Cylinder $cylinder): ?BoreMap
    {
        $points = [];
        foreach ($this->spotsOf('bore', $cylinder) as $spot) {
            $reading = $this->readings[$spot->id] ?? null;
            if ($reading?->diameter !== null && $spot->depth !== null) {
                $points[] = new BorePoint($spot->depth, $spot->part, $reading->diameter);
            }
        }

        return $points === [] ? null : BoreMap::of($points);
    }

    private function clearance(Cylinder $cylinder): Assessment
    {
        $piston = $this->spots['piston.'.$cylinder->id];
        $bores = $this->spotsOf('bore', $cylinder);
        $known = $this->known('piston_clearance', $cylinder, 'Clearance', [$piston, ...$bores]);
        $pistonReading = $this->readings[$piston->id] ?? null;
        $boreReadings = $this->read($bores);
        $size = $pistonReading?->size();
        if ($pistonReading === null || $size === null || $boreReadings === []) {
            return new Assessment(...$known);
        }
        $clearance = Clearance::of(self::diameters($boreReadings), $size, self::doubt($boreReadings, $pistonReading), $known['source']->limit, Clearance::pistonWording());

        return new Assessment(...$known, verdict: $clearance->verdict, figure: self::range($clearance->smallest(), $clearance->largest()), doubt: $clearance->doubt,
            intervals: self::around($clearance->doubt, $clearance->smallest(), $clearance->largest()));
    }

    /** @return list<Assessment> size, out-of-round and taper: where the sheet limits them, or the map says something of them */
    private function shape(Cylinder $cylinder): array
    {
        $bores = $this->spotsOf('bore', $cylinder);
        $map = $this->map($cylinder);
        $readings = $this->read($bores);
        $doubt = self::coarsest(...array_map(static fn (Reading $reading) => $reading->tool, $readings));
        $setting = self::coarsest(...array_map(static fn (Reading $reading) => $reading->setWith, $readings));
        $known = [];
        foreach (['bore_size' => 'Bore size', 'out_of_round' => 'Out of round', 'taper' => 'Taper'] as $key => $name) {
            $known[$key] = $this->known($key, $cylinder, $name, $bores);
        }
        $limit = static fn (string $key): ?Limit => $known[$key]['source']->limit;
        if ($map === null) {
            return array_map(static fn (array $each): Assessment => new Assessment(...$each), array_values(array_filter($known, static fn (array $each): bool => $each['offered'] !== [])));
        }
        $shape = BoreShape::of($map, $doubt, $setting, $limit('bore_size'), $limit('out_of_round'), $limit('taper'));
        $difference = Length::ofNanometres($doubt->nanometres * M_SQRT2);
        $size = Length::ofNanometres($map->throughSetting() ? hypot($doubt->nanometres, $setting->nanometres) : $doubt->nanometres);
        $judged = [];
        foreach ([['bore_size', $shape->size, [$map->smallest()->diameter(), $map->largest()->diameter()], $size],
            ['out_of_round', $shape->outOfRound, array_filter([$map->worstOutOfRound()]), $difference],
            ['taper', $shape->taper, array_filter([$map->worstTaper()]), $difference]] as [$key, $verdict, $figures, $doubtOf]) {
            if ($known[$key]['offered'] !== []) {
                $judged[] = $figures === [] ? new Assessment(...$known[$key])
                    : new Assessment(...$known[$key], verdict: $verdict, figure: self::range($figures[0], $figures[count($figures) - 1]), doubt: $doubtOf, intervals: self::around($doubtOf, ...$figures));
            }
        }

        return $judged;
    }

    private function single(Spot $spot): Assessment
    {
        $known = $this->knownAt($spot);
        $reading = $this->readings[$spot->id] ?? null;
        if ($reading === null) {
            return new Assessment(...$known);
        }
        if ($reading->answer !== null) {
            return new Assessment(...$known, verdict: Verdict::answered($spot->measurable->wording, $reading->answer === $spot->measurable->good), figure: $reading->text);
        }
        if ($reading->shaft !== null && $reading->diameter !== null) {
            return $this->fit($spot, $reading, $known);
        }
        if ($reading->bracket !== null) {
            $gap = RingGap::of($reading->bracket, $known['source']->limit, $reading->shelf(), $spot->measurable->wording);
            $filing = $spot->measurable->key === 'ring_gap' && $gap->verdict->state !== State::Unsure ? Filing::of($gap, $reading->bracket, $known['source']->limit, $reading->shelf()) : null;

            return new Assessment(...$known, verdict: $gap->verdict, figure: $reading->text, intervals: [$reading->bracket->interval()], filing: $filing, trials: $gap->trials);
        }
        $interval = $reading->interval();

        return $interval === null ? new Assessment(...$known)
            : new Assessment(...$known, verdict: Verdict::of($known['source']->limit, $spot->measurable->wording, $interval), figure: $reading->text, intervals: [$interval]);
    }

    /** @param  array{id: string, scope: string, quantity: Measurable, cylinder: Cylinder|null, name: string, offered: list<SheetLimit>, source: Source, spots: list<string>, missing: list<string>}  $known */
    private function fit(Spot $spot, Reading $reading, array $known): Assessment
    {
        $hole = $reading->diameter;
        $shaft = $reading->shaft;
        assert($hole !== null && $shaft !== null);
        $doubt = self::coarsest($reading->tool);
        $clearance = Clearance::of([$hole], $shaft, new ClearanceDoubt($doubt, self::coarsest($reading->setWith), $doubt, Length::zero()), $known['source']->limit, $spot->measurable->wording);

        return new Assessment(...$known, verdict: $clearance->verdict, figure: self::range($clearance->smallest(), $clearance->largest()), doubt: $clearance->doubt,
            intervals: self::around($clearance->doubt, $clearance->smallest()));
    }

    /**
     * What is known of a derived quantity before anything is read.
     *
     * @param  list<Spot>  $spots
     * @return array{id: string, scope: string, quantity: Measurable, cylinder: Cylinder|null, name: string, offered: list<SheetLimit>, source: Source, spots: list<string>, missing: list<string>}
     */
    private function known(string $key, Cylinder $cylinder, string $name, array $spots): array
    {
        $offered = $this->sheet->limitsFor($key);

        return [
            'id' => $key.'.'.$cylinder->id, 'scope' => $key, 'quantity' => Catalogue::all()[$key], 'cylinder' => $cylinder,
            'name' => count($this->sheet->cylinders) === 1 ? $name : $name.', '.$cylinder->name,
            'offered' => $offered, 'source' => Ruling::over($offered, $this->choices[$key] ?? null),
            'spots' => array_map(static fn (Spot $spot): string => $spot->id, $spots), 'missing' => $this->missing($spots),
        ];
    }

    /** @return array{id: string, scope: string, quantity: Measurable, cylinder: Cylinder|null, name: string, offered: list<SheetLimit>, source: Source, spots: list<string>, missing: list<string>} */
    private function knownAt(Spot $spot): array
    {
        $scope = rtrim($spot->measurable->key.'.'.($spot->also[0] ?? $spot->part), '.');
        $measured = $spot->cylinder === null ? null : $this->map($spot->cylinder)?->smallest()->diameter();
        $offered = $this->sheet->limitsOnBore($spot->measurable->key, $measured, $spot->part, ...$spot->also);

        return [
            'id' => $spot->id, 'scope' => $scope, 'quantity' => $spot->measurable, 'cylinder' => $spot->cylinder, 'name' => $spot->name,
            'offered' => $offered, 'source' => Ruling::over($offered, $this->choices[$scope] ?? null),
            'spots' => [$spot->id], 'missing' => $this->missing([$spot]),
        ];
    }

    /**
     * The doubts of the tools the readings were taken with; where several bore tools were used, the coarsest counts.
     *
     * @param  non-empty-list<Reading>  $bores
     */
    private static function doubt(array $bores, Reading $piston): ClearanceDoubt
    {
        $settingTools = array_values(array_filter(array_map(static fn (Reading $reading) => $reading->setWith, $bores)));
        $setting = self::coarsest(...$settingTools);
        $pistonDoubt = self::coarsest($piston->tool);
        $oneTool = $piston->tool !== null && $settingTools !== []
            && array_filter($settingTools, static fn ($tool): bool => $tool->id !== $piston->tool->id) === [];

        return new ClearanceDoubt(
            self::coarsest(...array_map(static fn (Reading $reading) => $reading->tool, $bores)),
            $setting, $pistonDoubt,
            $oneTool ? Length::smallest($piston->tool->fixed, $setting, $pistonDoubt) : Length::zero(),
        );
    }

    private static function coarsest(?Tool ...$tools): Length
    {
        return Length::largest(Length::zero(), ...array_map(static fn (?Tool $tool): Length => $tool->doubt ?? Length::zero(), array_values($tools)));
    }

    /**
     * @param  list<Spot>  $spots
     * @return list<Reading>
     */
    private function read(array $spots): array
    {
        return array_values(array_filter(array_map(fn (Spot $spot): ?Reading => $this->readings[$spot->id] ?? null, $spots)));
    }

    /**
     * @param  non-empty-list<Reading>  $readings
     * @return non-empty-list<BoreReading>
     */
    private static function diameters(array $readings): array
    {
        return array_map(static fn (Reading $reading): BoreReading => $reading->diameter ?? BoreReading::direct($reading->size() ?? Length::zero()), $readings);
    }

    /**
     * @param  list<Spot>  $spots
     * @return list<string>
     */
    private function missing(array $spots): array
    {
        return array_values(array_filter(
            array_map(static fn (Spot $spot): string => $spot->id, $spots),
            fn (string $id): bool => ! isset($this->readings[$id]),
        ));
    }

    /** @return list<Spot> */
    private function spotsOf(string $quantity, Cylinder $cylinder): array
    {
        return array_values(array_filter($this->spots, static fn (Spot $spot): bool => $spot->measurable->key === $quantity && $spot->cylinder?->id === $cylinder->id));
    }

    /** @return list<Interval> */
    private static function around(Length $doubt, Length ...$figures): array
    {
        return array_map(static fn (Length $figure): Interval => Interval::around($figure->nanometres, $doubt->nanometres), array_values($figures));
    }

    private static function range(Length $least, Length $most): string
    {
        $figure = static fn (Length $length): string => number_format($length->quantity()['value'], 3, '.', '');

        return $least->equals($most) ? $figure($least) : $figure($least).' to '.$figure($most);
    }
}
