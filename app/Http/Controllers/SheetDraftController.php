<?php

namespace App\Http\Controllers;

use App\Bench\SheetDraftView;
use App\Calculations\JsonText;
use App\Http\SentDocument;
use App\Http\Shapes\PrintedShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SheetDraftShape;
use App\Models\Sheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Judgement\PrintedLimit;
use Moltrek\Core\Planning\SheetReport;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Refusal\Refusal;
use Moltrek\Core\Sheet\JudgedQuantity;
use OpenApi\Attributes as OA;
use stdClass;

/** A sheet while it is written: what would come of it, and what is understood of a figure as a manual prints it. Nothing is kept. */
final class SheetDraftController
{
    #[OA\Post(path: '/api/sheets/draft', summary: 'What a sheet says, contradicts and leads to; nothing is kept', tags: ['sheets'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['document'], properties: [new OA\Property(property: 'document', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'The report', content: new OA\JsonContent(ref: SheetDraftShape::class)),
            new OA\Response(response: 422, description: 'Not JSON', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function show(Request $request): JsonResponse
    {
        $document = SheetController::document(SentDocument::of($request, 'document'));
        $id = $document instanceof stdClass && is_string($document->id ?? null) ? $document->id : '';
        $there = Sheet::newest($id);
        $differences = $there === null ? [] : SheetWorkController::differences(JsonText::decode($there->document), $document);

        return new JsonResponse((new SheetDraftView(SheetReport::of($document), $there?->engine(), $differences))->shape());
    }

    #[OA\Post(path: '/api/sheets/printed', summary: 'What is understood of a figure as a manual prints it', tags: ['sheets'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['text'], properties: [
            new OA\Property(property: 'text', type: 'string'),
            new OA\Property(property: 'quantity', description: 'what it limits; else', type: 'string', enum: JudgedQuantity::class),
            new OA\Property(property: 'dimensions', description: 'what sort of quantity it is, the likeliest first', type: 'array', items: new OA\Items(type: 'string', enum: Dimension::class)),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'What was understood', content: new OA\JsonContent(ref: PrintedShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function printed(Request $request): JsonResponse
    {
        $sent = SentDocument::of($request, 'text', 'quantity', 'dimensions');
        $dimensions = $sent->has('quantity') ? [$sent->choice('quantity', JudgedQuantity::class)->dimension()]
            : array_map(static fn (string $name): Dimension => Dimension::tryFrom($name)
                ?? throw $sent->placed(MalformedDocument::wrongSort($name, 'one of '.implode(', ', array_column(Dimension::cases(), 'value'))), 'dimensions'), $sent->texts('dimensions'));
        $refusal = null;
        foreach ($dimensions === [] ? [Dimension::Length] : $dimensions as $dimension) {
            try {
                $limit = PrintedLimit::figureOr($sent->text('text', 200), $dimension);

                return new JsonResponse(new PrintedShape($limit->inWords(), $limit->stated()));
            } catch (Refusal $refused) {
                $refusal ??= $refused;
            }
        }
        throw $refusal;
    }
}
