<?php

namespace App\Http\Controllers;

use App\Bench\PlanView;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SchoolShape;
use App\Models\Habits;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Sheet\School;
use OpenApi\Attributes as OA;

/** The shop's habits: the owner's to make, taken over by every job opened after. */
final class HabitController
{
    #[OA\Get(path: '/api/habits', summary: 'What good mechanics differ on, and how this shop does it', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'Matter by matter', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SchoolShape::class))),
    ])]
    public function index(): JsonResponse
    {
        $habits = Habits::all();

        return new JsonResponse(array_values(array_map(static fn (School $school): SchoolShape => new SchoolShape(
            matter: $school->matter,
            question: $school->question,
            chosen: $habits[$school->matter] ?? $school->default(),
            whose: isset($habits[$school->matter]) ? 'shop' : 'usual',
            reason: null,
            isFixed: false,
            options: PlanView::options($school),
        ), School::all())));
    }

    #[OA\Post(path: '/api/habits', summary: 'Make a school the shop\'s habit', tags: ['jobs'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object', description: 'schools by matter', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
        responses: [
            new OA\Response(response: 200, description: 'Every habit', content: new OA\JsonContent(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string'))),
            new OA\Response(response: 403, description: 'Not the owner', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 422, description: 'A matter or school that nobody keeps', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        $schools = School::read(SentDocument::of($request, ...array_keys(School::all())));
        foreach ($schools as $matter => $school) {
            Habits::keep($matter, $school);
        }

        return new JsonResponse((object) Habits::all());
    }
}
