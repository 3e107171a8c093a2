<?php

namespace App\Http\Controllers;

use App\Bench\MeasuringView;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\ToolKindShape;
use App\Http\Shapes\ToolShape;
use App\Models\Instrument;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Measuring\ToolKind;
use OpenApi\Attributes as OA;

/** The shop's measuring tools. */
final class ToolController
{
    private const MOST_LEAVES = 60;

    public const KEYS = ['name', 'kind', 'doubt', 'fixed', 'leaves', 'range', 'resolution', 'length', 'checked_on', 'next_check'];

    #[OA\Get(path: '/api/tools', summary: 'The toolbox', tags: ['tools'], responses: [
        new OA\Response(response: 200, description: 'Every tool', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ToolShape::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(MeasuringView::tools());
    }

    #[OA\Get(path: '/api/tools/kinds', summary: 'The kinds of tool that a shop keeps, and what each reads', tags: ['tools'], responses: [
        new OA\Response(response: 200, description: 'Every kind', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ToolKindShape::class))),
    ])]
    public function kinds(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (ToolKind $kind): ToolKindShape => new ToolKindShape(
            kind: $kind,
            units: Shop::unitsOf($kind->dimension()),
            hasLeaves: $kind->hasLeaves(),
            setsGauges: $kind->setsGauges(),
            length: $kind->length(),
        ), ToolKind::cases()));
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
        Instrument::query()->updateOrCreate(['id' => $id], self::attributes(SentDocument::of($request, ...self::KEYS)));

        return $this->index();
    }

    /**
     * A tool as it is entered.
     *
     * @return array{name: string, kind: string, doubt: string|null, fixed: string|null, leaves: list<string>, range: string|null, resolution: string|null, length: string|null, checked_on: string|null, next_check: string|null}
     */
    public static function attributes(Fields $sent): array
    {
        $kind = $sent->choice('kind', ToolKind::class);
        $figure = static fn (string $key): ?string => $sent->has($key) ? self::figure($sent, $key, $kind) : null;

        return [
            'name' => $sent->text('name', 60),
            'kind' => $kind->value,
            'doubt' => $figure('doubt'),
            'fixed' => $figure('fixed'),
            'leaves' => array_map(static fn (Fields $leaf): string => $leaf->size($leaf->keys()[0])->exact(), $sent->has('leaves') ? $sent->items('leaves', self::MOST_LEAVES) : []),
            'range' => $sent->textOrNull('range', 60),
            'resolution' => $figure('resolution'),
            'length' => $sent->has('length') && $kind->length() !== null ? $sent->size('length')->exact() : null,
            'checked_on' => $sent->dayOrNull('checked_on')?->text,
            'next_check' => $sent->dayOrNull('next_check')?->text,
        ];
    }

    /** A figure of what this kind of tool reads. */
    private static function figure(Fields $sent, string $key, ToolKind $kind): ?string
    {
        $sent->quantity($key, $kind->dimension());

        return $sent->figureOrNull($key, $kind->dimension())?->exact();
    }
}
