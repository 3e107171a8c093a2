<?php

namespace App\Http\Controllers;

use App\Bench\BarrelView;
use App\Bench\JobLog;
use App\Models\Job;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Moltrek\Core\Log\BuildState;
use Moltrek\Core\Sheet\Cylinder;
use OpenApi\Attributes as OA;

/** What is asked of the machine shop: one page, and the same as JSON. */
final class WorkOrderController
{
    #[OA\Get(path: '/api/jobs/{number}/work-order.json', summary: 'The order for the machine shop', tags: ['record'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The order', content: new OA\JsonContent(type: 'object'))])]
    public function __invoke(Job $job): Response
    {
        $state = JobLog::state($job);
        $order = [
            'schema' => 'moltrek-work-order-1', 'shop' => Shop::shop(), 'job' => $job->number, 'owner' => $job->owner,
            'engine' => $state->sheet->title(), 'lining' => $state->sheet->barrel->lining->value,
            'made' => Shop::now()->format(DATE_ATOM),
            'bores' => array_map(fn (object $advice, Cylinder $cylinder): array => get_object_vars($advice) + ['readings' => self::readings($state, $cylinder)],
                (new BarrelView($state))->advice(), $state->sheet->layout->cylinders),
            'hone_with' => $state->sheet->barrel->honeWith,
            'caution' => 'Read bore and piston again on return, against the piston supplied.',
        ];

        return new Response((new JsonResponse($order, options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT))->getContent() ?: '', headers: ['Content-Type' => 'application/json']);
    }

    /** @return list<array{depth: mixed, axis: string, diameter: mixed}> */
    private static function readings(BuildState $state, Cylinder $cylinder): array
    {
        $points = [];
        foreach ($state->verdicts->boreMap($cylinder)->points ?? [] as $point) {
            $points[] = ['depth' => $point->depth->quantity(), 'axis' => $point->axis, 'diameter' => $point->diameter()->quantity()];
        }

        return $points;
    }
}
