<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Chamber\Deck;
use Moltrek\Core\Chamber\Squish;
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
use Moltrek\Core\Measuring\Form\Answer;
use Moltrek\Core\Measuring\Form\Burette;
use Moltrek\Core\Measuring\Form\CrownPoints;
use Moltrek\Core\Measuring\Form\HoleAndShaft;
use Moltrek\Core\Measuring\Form\Leaves;
use Moltrek\Core\Measuring\Reading;
use Moltrek\Core\Measuring\Spot;
use Moltrek\Core\Measuring\Tool;
use Moltrek\Core\Measuring\Wordings;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Figure;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\EngineSheet;

/** Judges everything that the readings of an engine allow to be judged. */
final class Assessor
{
    private const SHAPE = ['bore_size' => 'Bore size', 'out_of_round' => 'Out of round', 'taper' => 'Taper'];

    /** @var array<string, BoreMap|null> by cylinder */
    private array $maps = [];

    /**
     * @param  array<string, Spot>  $spots
     * @param  array<string, Reading>  $readings  the standing reading of each spot
     * @param  array<string, SourceChoice>  $choices  by scope
     */
    public function __construct(
        private readonly EngineSheet $sheet,
        private readonly array $spots,
        private readonly array $readings,
        private readonly array $choices,
    ) {
    }

    /** @return array<string, Assessment> by id, in the order of the spots */
    public function all(): array
    {
        $assessments = $mapped = [];
        foreach ($this->spots as $spot) {
            $cylinder = $spot->at->cylinder;
            if ($spot->is('bore') && $cylinder !== null && ! isset($mapped[$cylinder->id])) {
                $mapped[$cylinder->id] = true;
                array_push($assessments, $this->clearance($cylinder), ...$this->shape($cylinder));
            } elseif ($spot->measurable->judged() !== null || $spot->form() === EntryForm::YesNo) {
                $assessments[] = $this->single($spot);
            }
        }
        $byId = [];
        foreach ($assessments as $assessment) {
            $byId[$assessment->subject->id] = $assessment;
        }

        return $byId;
    }

    /** The bore map of a cylinder, as far as it has been read. */
    public function map(Cylinder $cylinder): ?BoreMap
    {
        if (array_key_exists($cylinder->id, $this->maps)) {
            return $this->maps[$cylinder->id];
        }
        $points = [];
        foreach ($this->spotsOf('bore', $cylinder) as $spot) {
            $diameter = ($this->readings[$spot->id] ?? null)?->diameter();
            if ($diameter !== null && $spot->at->depth !== null) {
                $points[] = new BorePoint($spot->at->depth, $spot->at->part, $diameter);
            }
        }

        return $this->maps[$cylinder->id] = $points === [] ? null : BoreMap::of($points);
    }

    private function clearance(Cylinder $cylinder): Assessment
    {
        $piston = $this->spots['piston.'.$cylinder->id];
        $bores = $this->spotsOf('bore', $cylinder);
        $subject = $this->subject('piston_clearance', $cylinder, 'Clearance', [$piston, ...$bores]);
        $pistonReading = $this->readings[$piston->id] ?? null;
        $boreReadings = $this->read($bores);
        $size = $pistonReading?->size();
        if ($pistonReading === null || $size === null || $boreReadings === []) {
            return new Assessment($subject);
        }

        return self::fitted($subject, Clearance::of(
            self::diameters($boreReadings), $size, self::doubt($boreReadings, $pistonReading),
            $subject->source->limit, Wordings::pistonClearance($this->sheet->barrel->lining),
        ))->with(self::lackTool([$pistonReading, ...$boreReadings]))->questioned(self::scatterOf($pistonReading, ...$boreReadings));
    }

    /** @return list<Assessment> size, out-of-round and taper: where the sheet limits them, or the map says something of them */
    private function shape(Cylinder $cylinder): array
    {
        $bores = $this->spotsOf('bore', $cylinder);
        $map = $this->map($cylinder);
        $subjects = [];
        foreach (self::SHAPE as $key => $name) {
            $subjects[$key] = $this->subject($key, $cylinder, $name, $bores);
        }
        $limited = array_filter($subjects, static fn (Subject $subject): bool => $subject->source->offered !== []);
        if ($map === null) {
            return array_map(static fn (Subject $subject): Assessment => new Assessment($subject), array_values($limited));
        }
        $figures = [
            'bore_size' => [$map->smallest()->diameter(), $map->largest()->diameter()],
            'out_of_round' => array_filter([$map->worstOutOfRound()]),
            'taper' => array_filter([$map->worstTaper()]),
        ];
        $clearance = $this->subject('piston_clearance', $cylinder, 'Clearance', $bores)->source->limit;
        $verdicts = $this->shapeVerdicts($map, $bores, $subjects, $clearance);
        $lack = self::lackTool($this->read($bores));
        $limited += array_filter($subjects, static fn (Subject $subject): bool => $verdicts[$subject->scope][2]);
        $scatter = self::scatterOf(...$this->read($bores));

        return array_values(array_map(static function (Subject $subject) use ($figures, $verdicts, $lack, $scatter): Assessment {
            $read = $figures[$subject->scope];
            [$verdict, $doubt, $asks] = $verdicts[$subject->scope];

            return $read === [] ? new Assessment($subject)
                : (new Assessment(
                    $subject,
                    $verdict,
                    self::range($read[0], $read[count($read) - 1]),
                    $doubt,
                    self::around($doubt, ...$read),
                ))->with($lack)->questioned($asks ? 'No limit is stated, and it takes more than half of the room of the clearance: '
                    .'is the bore true enough for this piston?' : $scatter);
        }, $limited));
    }

    /**
     * @param  list<Spot>  $bores
     * @param  array<string, Subject>  $subjects
     * @return array<string, array{Verdict, Length, bool}> verdict, doubt and whether it is asked about by name, by scope
     */
    private function shapeVerdicts(BoreMap $map, array $bores, array $subjects, ?Limit $clearance): array
    {
        $readings = $this->read($bores);
        $doubt = self::widest(...$readings);
        $setting = self::coarsest(...array_map(static fn (Reading $reading): ?Tool => $reading->setWith, $readings));
        $limits = array_map(static fn (Subject $subject) => $subject->source->limit, $subjects);
        $shape = BoreShape::of($map, $doubt, $setting, $limits['bore_size'], $limits['out_of_round'], $limits['taper'], $clearance,
            $this->sheet->barrel->lining);
        $difference = Length::ofNanometres($doubt->nanometres * M_SQRT2);
        $size = Length::ofNanometres($map->throughSetting() ? hypot($doubt->nanometres, $setting->nanometres) : $doubt->nanometres);

        return [
            'bore_size' => [$shape->size, $size, false],
            'out_of_round' => [$shape->outOfRound, $difference, $shape->asks['out_of_round']],
            'taper' => [$shape->taper, $difference, $shape->asks['taper']],
        ];
    }

    private function single(Spot $spot): Assessment
    {
        $subject = $this->subjectAt($spot);
        $reading = $this->readings[$spot->id] ?? null;
        $said = $reading?->said;

        return match (true) {
            $reading === null => new Assessment($subject),
            $said instanceof Answer => new Assessment($subject,
                Verdict::answered(Wordings::on($this->sheet, $spot->measurable), $said->good), $reading->text),
            $said instanceof HoleAndShaft => $this->fit($subject, $reading, $said),
            $said instanceof Leaves => $this->bracketed($subject, $reading, $said),
            $said instanceof CrownPoints => $this->overCrown($subject, $reading, $said),
            $said instanceof Burette => $this->byBurette($subject, $reading, $said),
            default => $this->figure($subject, $reading),
        };
    }

    private function figure(Subject $subject, Reading $reading): Assessment
    {
        $interval = $reading->interval();

        return $interval === null ? new Assessment($subject)
            : (new Assessment(
                $subject,
                Verdict::of($subject->source->limit, Wordings::on($this->sheet, $subject->quantity), $interval),
                $reading->text,
                intervals: [$interval],
            ))->with($reading->lacksTool())->questioned(self::scatterOf($reading));
    }

    /** What is asked where readings that should be one lie further apart than twice their tool's doubt. */
    private static function scatterOf(Reading ...$readings): ?string
    {
        foreach ($readings as $reading) {
            if ($reading->tool !== null && $reading->round?->asks === true) {
                $range = new Figure($reading->spot->measurable->dimension(), $reading->round->range);

                return sprintf('%d readings lie %s apart at %s, more than the tool would: is the part clean, and the tool sound?',
                    count($reading->round->values), $range->exact(), lcfirst($reading->spot->name));
            }
        }

        return null;
    }

    private function overCrown(Subject $subject, Reading $reading, CrownPoints $said): Assessment
    {
        if ($subject->source->limit === null) {
            return new Assessment($subject);
        }
        $doubt = self::coarsest($reading->tool);
        $wording = Wordings::on($this->sheet, $subject->quantity);
        $isDeck = $reading->spot->form() === EntryForm::OverCrown;
        $judged = $isDeck ? Deck::of($said->points, $doubt, $subject->source->limit, $wording)
            : Squish::of($said->points, $doubt, $subject->source->limit, $wording);
        $remarks = array_filter([$judged instanceof Squish ? $judged->remark() : null, $reading->held?->remark()]);
        $verdict = array_reduce(
            $remarks,
            static fn (Verdict $said, string $remark): Verdict => $said->remarking($remark),
            $judged->verdict,
        );

        return (new Assessment($subject, $verdict, $judged->inShort(), $doubt->isPositive() ? $doubt : null,
            $judged instanceof Deck ? $judged->intervals : [$judged->thinnest]))->with($reading->lacksTool());
    }

    private function byBurette(Subject $subject, Reading $reading, Burette $said): Assessment
    {
        if ($subject->source->limit === null) {
            return new Assessment($subject);
        }
        $interval = $said->interval($reading->tool?->doubtIn(Dimension::Volume) ?? 0);
        $verdict = Verdict::of($subject->source->limit, Wordings::on($this->sheet, $subject->quantity), $interval);

        return (new Assessment($subject, $verdict->remarking($said->remark()), $said->shown(), intervals: [$interval]))
            ->with($reading->lacksTool());
    }

    private function bracketed(Subject $subject, Reading $reading, Leaves $said): Assessment
    {
        $limit = $subject->source->limit;
        $gap = RingGap::of($said->bracket, $limit, $reading->shelf(), Wordings::on($this->sheet, $subject->quantity));
        $mayBeFiled = $reading->spot->is('ring_gap') && $gap->verdict->state !== State::Unsure;

        return new Assessment($subject, $gap->verdict, $reading->text,
            intervals: [$said->bracket->interval()],
            filing: $mayBeFiled ? Filing::of($gap, $said->bracket, $limit, $reading->shelf()) : null,
            trials: $gap->trials);
    }

    private function fit(Subject $subject, Reading $reading, HoleAndShaft $said): Assessment
    {
        [$doubt, $with] = [self::coarsest($reading->tool), self::coarsest($reading->setWith)];
        $combined = $said->hole->isDeviation() ? new ClearanceDoubt($doubt, $with, $doubt, Length::zero())
            : ClearanceDoubt::byTransfer($with, $doubt, $reading->tool?->fixedLength() ?? Length::zero());

        return self::fitted($subject, Clearance::of(
            [$said->hole], $said->shaft, $combined, $subject->source->limit, Wordings::on($this->sheet, $subject->quantity),
        ))->with($reading->lacksTool());
    }

    private static function fitted(Subject $subject, Clearance $clearance): Assessment
    {
        [$smallest, $largest] = [$clearance->smallest(), $clearance->largest()];
        $drawn = $subject->quantity->taken->form === null ? [$smallest, $largest] : [$smallest];

        return new Assessment(
            $subject,
            $clearance->verdict,
            self::range($smallest, $largest),
            $clearance->doubt,
            self::around($clearance->doubt, ...$drawn),
        );
    }

    /**
     * What follows from several readings of a cylinder.
     *
     * @param  list<Spot>  $spots
     */
    private function subject(string $key, Cylinder $cylinder, string $name, array $spots): Subject
    {
        return new Subject(
            $key.'.'.$cylinder->id, $key, Catalogue::all()[$key], $cylinder,
            count($this->sheet->layout->cylinders) === 1 ? $name : $name.', '.$cylinder->name,
            Ruling::over($this->sheet->limitsFor($key), $this->choices[$key] ?? null),
            array_map(static fn (Spot $spot): string => $spot->id, $spots),
            $this->missing($spots),
        );
    }

    private function subjectAt(Spot $spot): Subject
    {
        $at = $spot->at;
        $key = $spot->measurable->key;
        $scope = rtrim($key.'.'.($at->also[0] ?? $at->part), '.');
        $measured = $at->cylinder === null ? null : $this->map($at->cylinder)?->smallest()->diameter();
        $offered = $this->sheet->limitsOnBore($key, $measured, $at->part, ...$at->also);

        return new Subject($spot->id, $scope, $spot->measurable, $at->cylinder, $spot->name,
            Ruling::over($offered, $this->choices[$scope] ?? null), [$spot->id], $this->missing([$spot]));
    }

    /**
     * The doubts of the tools the readings were taken with; where several bore tools were used, the coarsest counts.
     *
     * @param  non-empty-list<Reading>  $bores
     */
    private static function doubt(array $bores, Reading $piston): ClearanceDoubt
    {
        $settingTools = array_values(array_filter(array_map(static fn (Reading $reading): ?Tool => $reading->setWith, $bores)));
        $setting = self::coarsest(...$settingTools);
        $pistonDoubt = self::widest($piston);
        $oneTool = $piston->tool !== null && $settingTools !== []
            && array_filter($settingTools, static fn (Tool $tool): bool => $tool->id !== $piston->tool->id) === [];

        return new ClearanceDoubt(
            self::widest(...$bores),
            $setting, $pistonDoubt,
            $oneTool ? Length::smallest($piston->tool->fixedLength(), $setting, $pistonDoubt) : Length::zero(),
        );
    }

    /** @param  list<Reading>  $readings */
    private static function lackTool(array $readings): bool
    {
        return array_filter($readings, static fn (Reading $reading): bool => $reading->lacksTool()) !== [];
    }

    /** The largest doubt of several readings, scatter of repeats included. */
    private static function widest(Reading ...$readings): Length
    {
        return Length::largest(Length::zero(),
            ...array_map(static fn (Reading $reading): Length => Length::ofNanometres($reading->doubt()), array_values($readings)));
    }

    private static function coarsest(?Tool ...$tools): Length
    {
        $doubts = array_map(
            static fn (?Tool $tool): Length => Length::ofNanometres($tool?->doubtIn(Dimension::Length) ?? 0),
            array_values($tools),
        );

        return Length::largest(Length::zero(), ...$doubts);
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
        return array_map(
            static fn (Reading $reading): BoreReading => $reading->diameter() ?? BoreReading::direct($reading->size() ?? Length::zero()),
            $readings,
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
    private function spotsOf(string $quantity, Cylinder $cylinder): array
    {
        return array_values(array_filter($this->spots, static fn (Spot $spot): bool => $spot->is($quantity) && $spot->isOf($cylinder->id)));
    }

    /** @return list<Interval> */
    private static function around(Length $doubt, Length ...$figures): array
    {
        return array_map(
            static fn (Length $figure): Interval => Interval::around($figure->nanometres, $doubt->nanometres),
            array_values($figures),
        );
    }

    private static function range(Length $least, Length $most): string
    {
        $figure = static fn (Length $length): string => number_format($length->quantity()['value'], 3, '.', '');

        return $least->equals($most) ? $figure($least) : $figure($least).' to '.$figure($most);
    }
}
