<?php

namespace App\Bench;

use App\Http\Shapes\ClosingShape;
use App\Http\Shapes\CompressionRowShape;
use App\Http\Shapes\CompressionShape;
use App\Http\Shapes\FillShape;
use App\Http\Shapes\HissShape;
use App\Http\Shapes\LeakBoardShape;
use App\Http\Shapes\LeakDownShape;
use App\Http\Shapes\LeakPointShape;
use App\Http\Shapes\LeakTestShape;
use App\Http\Shapes\StartItemShape;
use App\Http\Shapes\TrialShape;
use App\Http\Shapes\TrialVariantShape;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Log\Closing\Compressions;
use Moltrek\Core\Log\Closing\FirstStart;
use Moltrek\Core\Log\Closing\Hiss;
use Moltrek\Core\Log\Closing\LeakDownRead;
use Moltrek\Core\Log\Closing\LeakTest;
use Moltrek\Core\Log\Closing\Proofs;
use Moltrek\Core\Log\Closing\StartSeen;
use Moltrek\Core\Log\Closing\TrialDecided;
use Moltrek\Core\Log\Closing\TrialMade;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\Cylinder;
use Moltrek\Core\Sheet\Fluid;
use Moltrek\Core\Sheet\FluidKind;

/** Filling, tests, first start, running in and trials of a job as the screens take them. */
final readonly class ClosingBench
{
    public function __construct(private BuildState $state)
    {
    }

    public function shape(): ClosingShape
    {
        $sheet = $this->state->sheet;
        $isTwoStroke = $sheet->layout->cycle === Cycle::TwoStroke;
        $tests = $sheet->tests;
        $percent = static fn (float $share): string => round($share * 100).' %';

        return new ClosingShape(
            fills: array_values(array_filter(array_map($this->fill(...), FluidKind::cases()))),
            leak: $isTwoStroke ? $this->leak() : null,
            leakDown: $isTwoStroke ? [] : array_map($this->leakDown(...), $sheet->layout->cylinders),
            hisses: array_map(static fn (Hiss $hiss): HissShape => new HissShape($hiss, $hiss->means($sheet)), Hiss::on($sheet)),
            leakDownLimit: $tests->lost === null ? null : 'up to '.$percent($tests->lost).($tests->lostInService === null ? '' : ', worn up to '.$percent($tests->lostInService))
                .($tests->lostSource === null ? '' : ', '.$tests->lostSource),
            leakDownStep: TimingSteps::open($this->state, Proofs::LEAK_DOWN),
            compression: $this->compression(),
            start: $this->start(),
            startStep: TimingSteps::open($this->state, FirstStart::STEP),
            holdStep: TimingSteps::open($this->state, 'hold.start'),
            runIn: (new RunInView($this->state))->shape(),
            trials: $this->trials(),
            openEnds: $this->state->closing->openEnds(),
            handedOver: $this->state->closing->handedOver()?->at->format(SlipView::INSTANT),
        );
    }

    private function fill(FluidKind $kind): ?FillShape
    {
        $stated = $this->state->sheet->fluids->of($kind);
        $filled = $this->state->proofs->filledBy($kind);
        if ($filled === null && $this->state->work->step($kind->step()) === null) {
            return null;
        }

        return new FillShape(
            fluid: $kind,
            capacity: $stated === null ? null : Fluid::litres($stated->capacity),
            grade: $stated?->grade,
            filled: $filled?->said->words($this->state),
            by: $filled?->by,
            step: TimingSteps::open($this->state, $kind->step()),
        );
    }

    private function leak(): LeakBoardShape
    {
        $tests = $this->state->sheet->tests;
        $points = static fn (LeakTest $test): array => array_map(static fn (array $point): LeakPointShape => new LeakPointShape($point[0], $point[1]), $test->points);

        return new LeakBoardShape(
            pressure: $tests->pressure,
            allowed: $tests->drop === null || $tests->time === null ? null : $tests->drop / ($tests->time / 60),
            time: $tests->time,
            source: $tests->leakSource,
            before: LeakTest::before($this->state->sheet),
            tests: array_map(static fn (LeakTest $test): LeakTestShape => new LeakTestShape(
                begun: $test->begun->at->format(SlipView::INSTANT),
                by: $test->begun->by,
                points: $points($test),
                state: $test->state(),
                headline: $test->headline(),
                says: $test->says(),
                perMinute: $test->perMinute(),
                stale: $test->staleBecause,
            ), $this->state->proofs->leakTests()),
            found: array_map(fn (Entry $entry): string => $entry->said->words($this->state).', '.$entry->by, $this->state->proofs->leaks()),
            step: TimingSteps::open($this->state, Proofs::LEAK),
        );
    }

    private function leakDown(Cylinder $cylinder): LeakDownShape
    {
        $entry = $this->state->proofs->leakDownOf($cylinder->id);
        $said = $entry?->said instanceof LeakDownRead ? $entry->said : null;
        $state = $this->state->proofs->leakDownState($cylinder->id);
        $words = ['within' => 'Fits', 'worn' => 'Worn, usable', 'out' => 'Out, loses too much', 'unknown' => 'Nothing to judge it by'];

        return new LeakDownShape(
            cylinder: $cylinder->id,
            name: $cylinder->name,
            lost: $said?->lost(),
            state: $state,
            words: $state === null ? null : $words[$state],
            hisses: $said->hisses ?? [],
            means: array_map(fn (string $where): string => Hiss::from($where)->means($this->state->sheet), $said->hisses ?? []),
            entry: $entry?->id,
        );
    }

    private function compression(): CompressionShape
    {
        $all = new Compressions($this->state);
        $rows = array_map(function (Cylinder $cylinder) use ($all): CompressionRowShape {
            $verdict = $all->verdict($cylinder);

            return new CompressionRowShape(
                cylinder: $cylinder->id,
                name: $cylinder->name,
                spot: Compressions::spot($cylinder),
                before: $all->before($cylinder)?->text,
                after: $all->after($cylinder)?->text,
                wet: $all->wet($cylinder),
                state: $verdict?->state,
                words: $verdict?->words,
                says: $all->says($cylinder),
            );
        }, $this->state->sheet->layout->cylinders);

        return new CompressionShape(
            rows: $rows,
            limit: $all->limit(),
            spreadBefore: $all->spreadBefore(),
            spreadAfter: $all->spreadAfter(),
            spreadState: $all->spreadState(),
            spreadAllowed: $this->state->sheet->tests->spread,
            hint: $all->hint(),
        );
    }

    /** @return list<StartItemShape> */
    private function start(): array
    {
        $items = [];
        foreach ($this->state->work->step(FirstStart::STEP) === null ? [] : FirstStart::items($this->state->sheet) as $id => $text) {
            $entry = $this->state->proofs->startSeen($id);
            $said = $entry?->said instanceof StartSeen ? $entry->said : null;
            $items[] = new StartItemShape(
                id: $id,
                text: $text,
                right: $said?->isRight,
                note: $said?->note,
                by: $entry?->by,
            );
        }

        return $items;
    }

    /** @return list<TrialShape> */
    private function trials(): array
    {
        $trials = [];
        foreach ($this->state->trials->all() as $trial => $made) {
            $decided = $this->state->trials->decidedBy($trial)?->said;
            $variants = array_map(static fn (Entry $entry): ?TrialVariantShape => $entry->said instanceof TrialMade ? new TrialVariantShape(
                entry: $entry->id,
                variant: $entry->said->variant,
                conditions: $entry->said->conditions,
                found: $entry->said->found,
                figure: $entry->said->figure,
                by: $entry->by,
                at: $entry->at->format(SlipView::INSTANT),
            ) : null, $made);
            $trials[] = new TrialShape((string) $trial, array_values(array_filter($variants)), $decided instanceof TrialDecided ? $decided->variant : null,
                $decided instanceof TrialDecided ? $decided->because : null);
        }

        return $trials;
    }
}
