<?php

namespace App\Bench;

use App\Http\Shapes\FindingShape;
use App\Http\Shapes\JobEngineShape;
use App\Models\Job;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Finding;

/** The engine of a job as the screens take it. */
final readonly class EngineView
{
    public function __construct(private Job $job, private EngineSheet $engine)
    {
    }

    public function shape(): JobEngineShape
    {
        return new JobEngineShape(
            description: $this->engine->description(),
            facts: self::facts($this->engine),
            hasValves: $this->engine->valveTrain->valves !== [],
            drawing: DrawingView::of($this->engine),
            sheet: $this->job->sheet->slug,
            sheetVersion: $this->job->sheet->version,
            newerSheet: $this->job->newerSheet(),
            sheetNote: $this->engine->identity->notes,
            findings: array_map(static fn (Finding $finding): FindingShape => new FindingShape($finding->text, $finding->from), $this->engine->work->findings),
        );
    }

    public static function facts(EngineSheet $sheet): string
    {
        $size = static fn (float $millimetres): string => number_format($millimetres, 1);

        return sprintf('%s × %s mm · %s cm³ · %s bore · %s piston', $size($sheet->geometry->bore->quantity()['value']), $size($sheet->geometry->stroke->quantity()['value']),
            number_format($sheet->displacement(), 1), $sheet->barrel->lining->value, $sheet->piston->type->value);
    }
}
