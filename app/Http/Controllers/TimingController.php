<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Bench\TimingView;
use App\Http\Shapes\TimingShape;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The timing bench of a job: crank, piston, cams and marks as they are drawn, and what was read and moved of them. */
final class TimingController
{
    #[OA\Get(path: '/api/jobs/{number}/timing', summary: 'The timing bench: what is drawn, top dead centre, ignition and cams as far as they have come', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: TimingShape::class)),
            new OA\Response(response: 404, description: 'No such job')])]
    public function __invoke(Job $job): JsonResponse
    {
        return new JsonResponse((new TimingView(JobLog::state($job)))->shape());
    }
}
