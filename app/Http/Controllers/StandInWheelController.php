<?php

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Moltrek\Core\Practice\StandInWheel;
use OpenApi\Attributes as OA;

/** A simulated degree wheel with its play, for demonstration and practice. */
final class StandInWheelController
{
    #[OA\Get(path: '/api/jobs/{number}/stand-in-wheel', summary: 'What a simulated degree wheel reads at every degree, come up to either way, and where its stop is met', tags: ['practice'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'By whole degrees after the first top; the stop in degrees before and after it', content: new OA\JsonContent(required: ['forward', 'back', 'play', 'stop'], properties: [
            new OA\Property(property: 'forward', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'back', type: 'array', items: new OA\Items(type: 'number')),
            new OA\Property(property: 'play', type: 'number'), new OA\Property(property: 'stop', type: 'number'),
        ]))])]
    public function __invoke(Job $job): JsonResponse
    {
        $wheel = new StandInWheel($job->number);
        $turn = static fn (bool $forward): array => array_map(static fn (int $crank): float => $wheel->reads($crank, $forward), range(0, 359));

        return new JsonResponse(['forward' => $turn(true), 'back' => $turn(false), 'play' => $wheel->play, 'stop' => $wheel->stop]);
    }
}
