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
            $this->engine->description(), self::facts($this->engine), $this->engine->valveTrain->valves !== [], DrawingView::of($this->engine),
            $this->job->sheet->slug, $this->job->sheet->version, $this->job->newerSheet(), $this->engine->identity->notes,
            array_map(static fn (Finding $finding): FindingShape => new FindingShape($finding->text, $finding->from), $this->engine->work->findings),
        );
    }

    public static function facts(EngineSheet $sheet): string
    {
        $size = static fn (float $millimetres): string => number_format($millimetres, 1);

        return sprintf('%s × %s mm · %s cm³ · %s bore · %s piston', $size($sheet->geometry->bore->quantity()['value']), $size($sheet->geometry->stroke->quantity()['value']),
            number_format($sheet->displacement(), 1), $sheet->barrel->lining->value, $sheet->piston->type->value);
    }
}
