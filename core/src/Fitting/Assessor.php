<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Judgement\Interval;
use Moltrek\Core\Judgement\State;
use Moltrek\Core\Measuring\BoreReading;
use Moltrek\Core\Measuring\Catalogue;
use Moltrek\Core\Measuring\Quantity;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\LimitedQuantity;

/** Judges everything that the readings of an engine allow to be judged. */
final readonly class Assessor
{
    /** @var array<string, Spot> */
    private array $spots;

    /**
     * @param  array<string, Reading>  $readings  the standing reading of each spot
     * @param  array<string, SourceChoice>  $choices  by scope
     */
    public function __construct(private EngineSheet $sheet, private array $readings, private array $choices)
    {
        $this->spots = Catalogue::of($sheet);
    }

    /** @return array<string, Assessment> by id */
    public function all(): array
    {
        $assessments = [];
        foreach ($this->sheet->cylinders as $cylinder) {
            $assessments[] = $this->clearance($cylinder);
            foreach ($this->spotsOf(Quantity::RingGap, $cylinder) as $spot) {
                $assessments[] = $this->gap($spot);
            }
        }

        return array_column($assessments, null, 'id');
    }

    private function clearance(Cylinder $cylinder): Assessment
    {
        [$piston] = $this->spotsOf(Quantity::Piston, $cylinder);
        $bores = $this->spotsOf(Quantity::Bore, $cylinder);
        $scope = LimitedQuantity::PistonClearance->value;
        $offered = $this->sheet->limitsFor(LimitedQuantity::PistonClearance);
        $source = Ruling::over($offered, $this->choices[$scope] ?? null);
        $name = count($this->sheet->cylinders) === 1 ? 'Clearance' : 'Clearance, '.$cylinder->name;
        $spots = [$piston, ...$bores];
        $known = [
            $scope.'.'.$cylinder->id, $scope, LimitedQuantity::PistonClearance, $cylinder, $name, $offered, $source,
            array_map(static fn (Spot $spot): string => $spot->id, $spots), $this->missing($spots),
        ];

        $pistonReading = $this->readings[$piston->id] ?? null;
        $boreReadings = array_values(array_filter(array_map(fn (Spot $spot): ?Reading => $this->readings[$spot->id] ?? null, $bores)));
        if ($pistonReading === null || $boreReadings === []) {
            return new Assessment(...$known);
        }
        $diameters = array_map(static fn (Reading $reading): BoreReading => $reading->diameter ?? BoreReading::direct($reading->size()), $boreReadings);
        $clearance = Clearance::of($diameters, $pistonReading->size(), self::doubt($boreReadings, $pistonReading), $source->limit, Clearance::pistonWording());
        [$smallest, $largest] = [$clearance->smallest(), $clearance->largest()];
        $figure = $smallest->equals($largest) ? self::figure($smallest) : self::figure($smallest).' to '.self::figure($largest);

        return new Assessment(...$known, verdict: $clearance->verdict, figure: $figure, doubt: $clearance->doubt, intervals: [
            Interval::around($smallest->nanometres, $clearance->doubt->nanometres),
            Interval::around($largest->nanometres, $clearance->doubt->nanometres),
        ]);
    }

    private function gap(Spot $spot): Assessment
    {
        $scope = LimitedQuantity::RingGap->value.'.'.$spot->part;
        $offered = $this->sheet->limitsFor(LimitedQuantity::RingGap, $spot->part);
        $source = Ruling::over($offered, $this->choices[$scope] ?? null);
        $known = [$spot->id, $scope, LimitedQuantity::RingGap, $spot->cylinder, $spot->name, $offered, $source, [$spot->id], $this->missing([$spot])];
        $reading = $this->readings[$spot->id] ?? null;
        if ($reading?->bracket === null) {
            return new Assessment(...$known);
        }
        $gap = RingGap::of($reading->bracket, $source->limit, $reading->shelf());

        return new Assessment(...$known, verdict: $gap->verdict, figure: $reading->text, intervals: [$reading->bracket->interval()], filing: $gap->verdict->state === State::Unsure ? null : self::filing($gap), trials: $gap->trials);
    }

    private static function filing(RingGap $gap): ?string
    {
        $file = $gap->file();
        if ($file === null) {
            return null;
        }

        return 'Take off at least '.$file['at_least']->written().($file['at_most'] === null ? '' : ', at most '.$file['at_most']->written()).'.';
    }

    /**
     * The doubts of the tools the readings were taken with; where several bore tools were used, the coarsest counts.
     *
     * @param  non-empty-list<Reading>  $bores
     */
    private static function doubt(array $bores, Reading $piston): ClearanceDoubt
    {
        $none = Length::zero();
        $coarsest = static fn (?Tool ...$tools): Length => Length::largest($none, ...array_map(static fn (?Tool $tool): Length => $tool->doubt ?? $none, array_values($tools)));
        $settingTools = array_values(array_filter(array_map(static fn (Reading $reading): ?Tool => $reading->setWith, $bores)));
        $setting = $coarsest(...$settingTools);
        $pistonDoubt = $coarsest($piston->tool);
        $oneTool = $piston->tool !== null && $settingTools !== []
            && array_filter($settingTools, static fn (Tool $tool): bool => $tool->id !== $piston->tool->id) === [];

        return new ClearanceDoubt(
            $coarsest(...array_map(static fn (Reading $reading): ?Tool => $reading->tool, $bores)),
            $setting, $pistonDoubt,
            $oneTool ? Length::smallest($piston->tool->fixed, $setting, $pistonDoubt) : $none,
        );
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
    private function spotsOf(Quantity $quantity, Cylinder $cylinder): array
    {
        return array_values(array_filter($this->spots, static fn (Spot $spot): bool => $spot->quantity === $quantity && $spot->cylinder->id === $cylinder->id));
    }

    private static function figure(Length $length): string
    {
        return number_format($length->quantity()['value'], 3, '.', '');
    }
}
