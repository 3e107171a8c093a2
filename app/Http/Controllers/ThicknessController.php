<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Bench\ThicknessView;
use App\Http\SentDocument;
use App\Http\Shapes\ThicknessShape;
use App\Models\Job;
use App\Models\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Log\Chamber\Joints;
use Moltrek\Core\Log\Chamber\StackOfThicknesses;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** What lies below a barrel and above it, and what other pieces would make of everything. Nothing is stored. */
final class ThicknessController
{
    #[OA\Post(path: '/api/jobs/{number}/thickness/{cylinder}', summary: 'The stack of thicknesses of a cylinder, with other pieces tried in it', tags: ['jobs'],
        parameters: [
            new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'cylinder', required: true, schema: new OA\Schema(type: 'string')),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
            new OA\Property(property: 'joints', type: 'array', items: new OA\Items(type: 'object'), description: 'slab and the pieces tried there: name, thickness, volume'),
            new OA\Property(property: 'target', type: 'number', nullable: true, description: 'a ratio that is aimed at'),
        ])),
        responses: [new OA\Response(response: 200, description: 'Joints, figures before and after, choices', content: new OA\JsonContent(ref: ThicknessShape::class)),
            new OA\Response(response: 404, description: 'No such cylinder')])]
    public function __invoke(Request $request, Job $job, string $cylinder): JsonResponse
    {
        $sent = SentDocument::of($request, 'joints', 'target');
        $state = JobLog::state($job);
        $of = $state->sheet->cylinder($cylinder) ?? abort(404);
        $tried = [];
        foreach ($sent->required('joints', 'a list of joints, empty for none')->objects('joints', 'slab', 'pieces') as $joint) {
            $slab = $joint->text('slab', 60);
            $tried[$slab] = new LaidPieces(LaidPieces::readAll($joint, 'pieces'), false, true);
            Joints::refuseOther($state->sheet, $slab, $tried[$slab], 'joints');
        }

        return new JsonResponse((new ThicknessView(new StackOfThicknesses($state, $of), $tried, Shelf::counts($job->sheet->slug), self::target($sent)))->shape());
    }

    private static function target(Fields $sent): ?float
    {
        $target = $sent->has('target') ? $sent->number('target') : null;

        return $target === null || $target > 1 ? $target : throw $sent->placed(MalformedDocument::wrongSort($target, 'a ratio of more than 1'), 'target');
    }
}
