<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Moltrek\Core\Practice\StandInTool;
use Moltrek\Core\Quantity\Length;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A simulated tool that types a reading, for demonstration and practice. */
final class StandInController
{
    private const DOUBT = '0.004 mm';

    #[OA\Get(path: '/api/jobs/{number}/stand-in/{spot}', summary: 'What a simulated tool would type at a place', tags: ['practice'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'spot', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'The text, in millimetres', content: new OA\JsonContent(required: ['text'], properties: [new OA\Property(property: 'text', type: 'string', nullable: true)]))])]
    public function __invoke(Job $job, string $spot): JsonResponse
    {
        $place = JobLog::state($job)->spots[$spot] ?? throw new NotFoundHttpException('There is no such place.');

        return new JsonResponse(['text' => (new StandInTool($job->number, Length::of(self::DOUBT)))->reading($place)]);
    }
}
