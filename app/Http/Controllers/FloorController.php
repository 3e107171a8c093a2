<?php

namespace App\Http\Controllers;

use App\Build\Shop;
use App\Build\Summaries;
use App\Http\Shapes\FloorShape;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use stdClass;

final class FloorController
{
    #[OA\Get(path: '/api/floor', summary: 'Every open job, what can be worked first', tags: ['floor'], responses: [
        new OA\Response(response: 200, description: 'The floor', content: new OA\JsonContent(ref: FloorShape::class)),
    ])]
    public function __invoke(): JsonResponse
    {
        $jobs = Job::query()->with('sheet')->whereNull('closed_at')->orderBy('promised')->orderBy('number')->get();
        $summaries = Summaries::of($jobs);
        usort($summaries, static fn (stdClass $one, stdClass $other): int => $other->next->canBeWorked <=> $one->next->canBeWorked);

        return new JsonResponse(['jobs' => $summaries, 'today' => Shop::now()->format('Y-m-d'), 'zone' => Shop::zone()]);
    }
}
