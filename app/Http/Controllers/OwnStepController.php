<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Bench\SheetView;
use App\Http\SentDocument;
use App\Http\Shapes\NeighbourShape;
use App\Http\Shapes\OwnStepChoicesShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SheetShape;
use App\Models\Job;
use App\Store\KeepSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Planning\NeighbouringWork;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\OwnStep;
use Moltrek\Core\Sheet\StepKind;
use OpenApi\Attributes as OA;
use stdClass;

/** Steps of a job's own: neighbouring work to choose from, and what is kept for the next engine of its kind. */
final class OwnStepController
{
    #[OA\Get(path: '/api/jobs/{number}/own-steps', summary: 'What may be put into a job: kinds of steps, and neighbouring work with its steps', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'What this engine may have', content: new OA\JsonContent(ref: OwnStepChoicesShape::class))])]
    public function choices(Job $job): JsonResponse
    {
        $state = JobLog::state($job);

        return new JsonResponse(new OwnStepChoicesShape(array_column(StepKind::byHand(), 'value'), array_map(static function (NeighbouringWork $work) use ($state): NeighbourShape {
            $steps = $work->steps($state->sheet, $state->work->steps());
            $isIn = array_filter($steps, static fn (OwnStep $step): bool => $state->work->step($step->id) !== null) !== [];

            return new NeighbourShape($work, $isIn, array_map(static fn (OwnStep $step): array => $step->toArray(), $steps));
        }, NeighbouringWork::on($state->sheet))));
    }

    #[OA\Post(path: '/api/jobs/{number}/own-steps', summary: 'Keep a step of the job’s own on the sheet: a new version of it', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['step'], properties: [new OA\Property(property: 'step', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'The sheet with it', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'No such step, or the sheet cannot take it', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function keep(Request $request, Job $job, KeepSheet $keep): JsonResponse
    {
        $step = SentDocument::of($request, 'step')->text('step', 80);
        $own = array_column(JobLog::state($job)->brief->own(), null, 'id');
        $kept = $own[$step] ?? throw MalformedDocument::wrongSort($step, 'a step that was added on this job')->under('step');
        $sheet = $keep->changed($job->sheet->slug, static function (stdClass $document) use ($kept, $own): void {
            $plan = $document->plan ??= new stdClass;
            assert($plan instanceof stdClass);
            $there = is_array($plan->add ?? null) ? $plan->add : [];
            $known = array_filter(array_column($there, 'id'), is_string(...));
            $plan->add = [
                ...array_filter($there, static fn (mixed $each): bool => ! $each instanceof stdClass || ($each->id ?? null) !== $kept->id),
                (object) $kept->without(array_values(array_diff(array_map(strval(...), array_keys($own)), $known)))->toArray(),
            ];
        });

        return new JsonResponse(SheetView::of($sheet));
    }
}
