<?php

namespace App\Http\Controllers;

use App\Build\BuildView;
use App\Build\JobLog;
use App\Build\Shop;
use App\Http\Shapes\JobShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
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
        return new JsonResponse(self::shape($job));
    }

    /** The job as it stands in the log now. */
    public static function shape(Job $job): JobShape
    {
        $last = JobLog::lastSequence($job);

        return (new BuildView($job, JobLog::state($job), Shop::now()))->job($last);
    }
}
