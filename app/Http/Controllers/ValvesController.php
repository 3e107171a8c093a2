<?php

namespace App\Http\Controllers;

use App\Bench\JobLog;
use App\Bench\ValvesView;
use App\Http\Shapes\ValvesShape;
use App\Models\Job;
use App\Models\Shelf;
use App\Text\Csv;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Moltrek\Core\Judgement\Aim;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** The valve bench of a job: which valve now, what was read, shims, rods. Nothing is stored. */
final class ValvesController
{
    /** Degrees: no valve rests as long as four times this. */
    private const WIDEST = 120;

    #[OA\Get(path: '/api/jobs/{number}/valves', summary: 'The valve bench: crank positions, clearances, the shim plan, rods', tags: ['jobs'],
        parameters: [
            new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'aim', required: false, schema: new OA\Schema(type: 'string', enum: ['low', 'middle', 'high'])),
            new OA\QueryParameter(name: 'all', description: '1: valves that fit are changed with the others', required: false, schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'margin', description: 'degrees kept from where a valve opens and closes', required: false, schema: new OA\Schema(type: 'string')),
        ],
        responses: [new OA\Response(response: 200, description: 'The bench', content: new OA\JsonContent(ref: ValvesShape::class)),
            new OA\Response(response: 404, description: 'No such job')])]
    public function show(Request $request, Job $job): JsonResponse
    {
        return new JsonResponse(self::shape($request, $job));
    }

    #[OA\Get(path: '/api/jobs/{number}/shims.csv', summary: 'The shim plan as CSV', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'One line a valve', content: new OA\MediaType(mediaType: 'text/csv')), new OA\Response(response: 404, description: 'No shims here')])]
    public function csv(Request $request, Job $job): Response
    {
        $shape = self::shape($request, $job);
        if ($shape->shims === null) {
            abort(404);
        }
        $valves = array_column($shape->valves, null, 'id');
        $lines = [];
        foreach ($shape->shims->rows as $row) {
            $valve = $valves[$row->valve] ?? null;
            $lines[] = [$row->valve, $valve?->before, $valve?->now, $row->from, $row->to, $row->words, $row->after, $row->fitted];
        }

        return new Response(Csv::of(['valve', 'as found', 'clearance', 'shim', 'new shim', 'comes from', 'clearance after', 'fitted by'], $lines), headers: [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => sprintf('attachment; filename="moltrek-shims-%d.csv"', $job->number),
        ]);
    }

    private static function shape(Request $request, Job $job): ValvesShape
    {
        $aim = $request->query('aim', Aim::Middle->value);
        $aimed = is_string($aim) ? Aim::tryFrom($aim) : null;
        if ($aimed === null) {
            throw MalformedDocument::wrongSort($aim, 'low, middle or high')->under('aim');
        }

        return (new ValvesView(JobLog::state($job), Shelf::counts($job->sheet->slug)))->shape($aimed, $request->query('all') === '1', self::margin($request));
    }

    /** @return float|null billionths of a degree */
    private static function margin(Request $request): ?float
    {
        $text = $request->query('margin', '');
        if ($text === '') {
            return null;
        }
        if (! is_string($text) || preg_match('/^\d{1,3}(\.\d)?$/D', $text) !== 1 || (float) $text > self::WIDEST) {
            throw MalformedDocument::wrongSort($text, 'degrees from 0 to '.self::WIDEST)->under('margin');
        }

        return (float) $text * 1e9;
    }
}
