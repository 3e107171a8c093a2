<?php

namespace App\Http\Controllers;

use App\Bench\ClosingBench;
use App\Bench\JobLog;
use App\Http\Shapes\ClosingShape;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The closing bench of a job: fluids, tests, first start, running in, trials. */
final class ClosingController
{
    #[OA\Get(path: '/api/jobs/{number}/closing', summary: 'The closing bench: fluids, tests, first start, running in, trials', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: ClosingShape::class)),
            new OA\Response(response: 404, description: 'No such job')])]
    public function __invoke(Job $job): JsonResponse
    {
        return new JsonResponse((new ClosingBench(JobLog::state($job)))->shape());
    }
}
