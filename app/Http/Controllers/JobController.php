<?php

namespace App\Http\Controllers;

use App\Actions\OpenJob;
use App\Bench\JobAnswers;
use App\Bench\JobLog;
use App\Bench\PlanView;
use App\Http\SentDocument;
use App\Http\Shapes\JobShape;
use App\Http\Shapes\LiftCostShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class JobController
{
    #[OA\Get(path: '/api/jobs/{number}', summary: 'A job with everything its build screen shows', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [
            new OA\Response(response: 200, description: 'The job', content: new OA\JsonContent(ref: JobShape::class)),
            new OA\Response(response: 404, description: 'No such job', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function show(Job $job): JsonResponse
    {
        return JsonResponse::fromJsonString(JobAnswers::of($job));
    }

    #[OA\Post(path: '/api/jobs', summary: 'Take a machine in', tags: ['jobs'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['sheet', 'owner', 'condition'], properties: [
            new OA\Property(property: 'id', description: 'of its first entry; sent again, the same job is answered', type: 'string', format: 'uuid'),
            new OA\Property(property: 'sheet', type: 'string'), new OA\Property(property: 'owner', type: 'string'), new OA\Property(property: 'condition', type: 'string', enum: ['whole', 'apart']),
            new OA\Property(property: 'complaint', type: 'string'), new OA\Property(property: 'promised', type: 'string', format: 'date'),
        ])),
        responses: [
            new OA\Response(response: 201, description: 'The job', content: new OA\JsonContent(ref: JobShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, OpenJob $open): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return JsonResponse::fromJsonString(JobAnswers::of($open(SentDocument::of($request, ...OpenJob::KEYS), $user)), 201);
    }

    #[OA\Get(path: '/api/jobs/{number}/lift-cost/{slab}', summary: 'What it costs to take everything off down to and with a slab', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'slab', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'The cost', content: new OA\JsonContent(ref: LiftCostShape::class))])]
    public function liftCost(Job $job, string $slab): JsonResponse
    {
        $state = JobLog::state($job);
        $lifted = $state->sheet->stack->named($slab);

        return $lifted === null || $state->sheet->heightOf($slab) === 0 ? abort(404) : new JsonResponse((new PlanView($state))->liftCost($lifted));
    }
}
