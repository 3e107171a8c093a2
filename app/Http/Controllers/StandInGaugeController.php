<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Models\Job;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Moltrek\Core\Practice\StandInGauge;
use OpenApi\Attributes as OA;

/** A simulated pressure gauge on the closed cases of a two-stroke, for demonstration and practice. */
final class StandInGaugeController
{
    /** What it is pumped up to where the sheet states nothing, in kPa. */
    private const USUAL = 45.0;

    #[OA\Get(path: '/api/jobs/{number}/stand-in-gauge', summary: 'What a simulated gauge shows now: just pumped up, or so long after the test began', tags: ['practice'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'In kPa', content: new OA\JsonContent(required: ['pressure', 'start'], properties: [
            new OA\Property(property: 'pressure', type: 'number'), new OA\Property(property: 'start', description: 'what a test is begun at', type: 'number'),
        ]))])]
    public function __invoke(Job $job): JsonResponse
    {
        $state = JobLog::state($job);
        $gauge = new StandInGauge($job->number);
        $start = ceil(($state->sheet->tests->pressure ?? self::USUAL) + 0.5);
        $test = $state->proofs->leakTest();
        $pressure = $test === null || $test->staleBecause !== null ? $start
            : $gauge->reads($test->start(), max(0, Shop::now()->getTimestamp() - $test->begun->at->getTimestamp()));

        return new JsonResponse(['pressure' => $pressure, 'start' => $start]);
    }
}
