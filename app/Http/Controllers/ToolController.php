<?php

namespace App\Http\Controllers;

use App\Bench\BuildView;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\ToolShape;
use App\Models\Instrument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** The shop's measuring tools. */
final class ToolController
{
    private const KEYS = ['name', 'kind', 'doubt', 'fixed', 'leaves', 'range', 'resolution', 'checked_on', 'next_check'];

    #[OA\Get(path: '/api/tools', summary: 'The toolbox', tags: ['tools'], responses: [
        new OA\Response(response: 200, description: 'Every tool', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ToolShape::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(BuildView::tools());
    }

    #[OA\Post(path: '/api/tools/{id}', summary: 'Enter a tool, or change it; readings taken with it keep it as it was', tags: ['tools'],
        parameters: [new OA\PathParameter(name: 'id', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [
            new OA\Response(response: 200, description: 'The toolbox after it', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ToolShape::class))),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, string $id): JsonResponse
    {
        $sent = SentDocument::of($request, ...self::KEYS);
        Instrument::query()->updateOrCreate(['id' => $id], [
            'name' => $sent->text('name', 60),
            'kind' => $sent->text('kind', 40),
            'doubt' => $sent->lengthOrNull('doubt')?->exact(),
            'fixed' => $sent->lengthOrNull('fixed')?->exact(),
            'leaves' => array_map(static fn (Fields $leaf): string => $leaf->size($leaf->keys()[0])->exact(), $sent->has('leaves') ? $sent->items('leaves') : []),
            'range' => $sent->textOrNull('range', 60),
            'resolution' => $sent->lengthOrNull('resolution')?->exact(),
            'checked_on' => self::day($sent, 'checked_on'),
            'next_check' => self::day($sent, 'next_check'),
        ]);

        return $this->index();
    }

    private static function day(Fields $sent, string $key): ?string
    {
        $day = $sent->textOrNull($key, 10);
        if ($day !== null && (preg_match('/^\d{4}-\d{2}-\d{2}$/', $day) !== 1 || strtotime($day) === false)) {
            throw $sent->placed(MalformedDocument::wrongSort($day, 'a day such as 2026-11-30'), $key);
        }

        return $day;
    }
}
