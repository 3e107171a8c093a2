<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Practice\StandInWrench;
use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Torquing\TorqueSample;
use OpenApi\Attributes as OA;

/** What the torque map asks beside the job: whether another tablet has pulled, and a simulated wrench. */
final class TorqueController
{
    #[OA\Get(path: '/api/jobs/{number}/sequence', summary: 'The last entry of a job’s log: whether there is anything new', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'Its number', content: new OA\JsonContent(required: ['lastSeq'], properties: [new OA\Property(property: 'lastSeq', type: 'integer')]))])]
    public function sequence(Job $job): JsonResponse
    {
        return new JsonResponse(['lastSeq' => JobLog::lastSequence($job)]);
    }

    #[OA\Get(path: '/api/jobs/{number}/stand-in-pull/{step}', summary: 'The pull that a simulated torque wrench with angle would feel at the bolt that is due', tags: ['practice'],
        parameters: [
            new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'step', required: true, schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'bolt', required: true, schema: new OA\Schema(type: 'string')), new OA\QueryParameter(name: 'stage', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [new OA\Response(response: 200, description: 'Its samples in the order of time: ms, degrees, N·m; what it says at the end', content: new OA\JsonContent(required: ['samples', 'torque', 'angle', 'yielded'], properties: [
            new OA\Property(property: 'samples', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
            new OA\Property(property: 'torque', type: 'string', nullable: true), new OA\Property(property: 'angle', type: 'string', nullable: true), new OA\Property(property: 'yielded', type: 'boolean'),
        ])), new OA\Response(response: 404, description: 'No run, no such stage')])]
    public function standIn(Request $request, Job $job, string $step): JsonResponse
    {
        $run = JobLog::state($job)->runs->of($step);
        [$bolt, $stage] = [$request->query('bolt'), $request->query('stage')];
        $pass = is_string($stage) && preg_match('/^\d{1,4}$/D', $stage) === 1 ? $run?->programme->pass((int) $stage - 1) : null;
        if ($run === null || $pass === null || ! is_string($bolt) || ! in_array($bolt, $pass->order, true)) {
            abort(404);
        }
        $due = $run->next();
        $samples = (new StandInWrench($job->number))->pull($pass, $bolt, $due?->bolt === $bolt ? $due->turned : 0.0);
        $last = $samples[count($samples) - 1];
        $isAngle = $pass->is(StageKind::Angle);

        return new JsonResponse([
            'samples' => array_map(static fn (TorqueSample $sample): array => [$sample->time, $sample->angle, $sample->torque], $samples),
            'torque' => $isAngle || $pass->target === null ? null : number_format($last->torque, 1, '.', '').' N·m',
            'angle' => $isAngle ? number_format($last->angle, 0, '.', '').' deg' : null,
            'yielded' => StandInWrench::hasYielded(...$samples),
        ]);
    }
}
