<?php

namespace App\Http\Controllers;

use App\Bench\DrawingView;
use App\Bench\EngineView;
use App\Bench\SheetView;
use App\Bench\StackView;
use App\Calculations\JsonText;
use App\Http\SentDocument;
use App\Http\Shapes\FirstSheetShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SheetShape;
use App\Models\Sheet;
use App\Models\Shop;
use App\Store\KeepSheet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Log\Build;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\FirstSheet;
use Moltrek\Core\Sheet\ValveGear;
use OpenApi\Attributes as OA;

/** The first sheet of an engine that the spec book has not: drawn while somebody answers, kept when it is enough. */
final class FirstSheetController
{
    #[OA\Get(path: '/api/sheets/first/choices', summary: 'How valves are set on each gear, the usual way first', tags: ['sheets'], responses: [
        new OA\Response(response: 200, description: 'Ways by gear', content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string')))),
    ])]
    public function choices(): JsonResponse
    {
        $gears = array_filter(ValveGear::cases(), static fn (ValveGear $gear): bool => $gear !== ValveGear::None);

        return new JsonResponse(array_map(static fn (ValveGear $gear): array => array_column($gear->adjustments(), 'value'), array_column($gears, null, 'value')));
    }

    #[OA\Post(path: '/api/sheets/first/preview', summary: 'An engine drawn from a few answers; nothing is kept', tags: ['sheets'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(description: 'make, model, kind, cycle, cylinders, form, vee_angle, pins, cooling, gear, adjustment, valves, drive, exhaust_valve, lining, joining, turned_by, bore, stroke', type: 'object')),
        responses: [
            new OA\Response(response: 200, description: 'The engine as far as it has been said', content: new OA\JsonContent(ref: FirstSheetShape::class)),
            new OA\Response(response: 422, description: 'What is missing, or does not go together', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function preview(Request $request): JsonResponse
    {
        $sheet = EngineSheet::read(JsonText::decode(JsonText::encode(self::document($request))));

        return new JsonResponse(new FirstSheetShape(
            id: $sheet->identity->id,
            title: $sheet->title(),
            description: $sheet->description(),
            facts: EngineView::facts($sheet),
            drawing: DrawingView::of($sheet),
            slabs: (new StackView(Build::replay($sheet, [], Shop::now())))->onFloor(),
            known: Sheet::newest($sheet->identity->id) !== null,
        ));
    }

    #[OA\Post(path: '/api/sheets/first', summary: 'Keep the first sheet of an engine, made from a few answers', tags: ['sheets'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(description: 'as for its preview', type: 'object')),
        responses: [
            new OA\Response(response: 201, description: 'The sheet as kept', content: new OA\JsonContent(ref: SheetShape::class)),
            new OA\Response(response: 422, description: 'What is missing, or does not go together', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, KeepSheet $keep): JsonResponse
    {
        $document = self::document($request);
        $id = $document['id'];
        if (is_string($id) && Sheet::newest($id) !== null) {
            throw ContradictoryFields::excluded('model', $document['model'], 'The spec book has an engine of this name.', 'another model, or the one in the spec book');
        }

        return new JsonResponse(SheetView::of($keep(JsonText::decode(JsonText::encode($document)))), 201);
    }

    /** @return array<string, mixed> */
    private static function document(Request $request): array
    {
        return FirstSheet::from(SentDocument::of($request, ...FirstSheet::KEYS));
    }
}
