<?php

namespace App\Http\Controllers;

use App\Calculations\Calculation;
use App\Calculations\JsonText;
use App\Calculations\Registry;
use App\Http\SentDocument;
use App\Http\Shapes\CalculationShape;
use App\Http\Shapes\ProblemShape;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** The open interface of the core, with the same JSON as the command line. */
final class CalculationController
{
    #[OA\Get(path: '/api/calculations', summary: 'The calculations by name', tags: ['calculations'], responses: [
        new OA\Response(response: 200, description: 'Names, what they answer, an example', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: CalculationShape::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_map(
            static fn (Calculation $calculation): CalculationShape => new CalculationShape($calculation->name(), $calculation->about(), $calculation->example()),
            array_values(Registry::all()),
        ));
    }

    #[OA\Post(path: '/api/calculations/{name}', summary: 'Calculate', tags: ['calculations'],
        parameters: [new OA\PathParameter(name: 'name', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object')),
        responses: [
            new OA\Response(response: 200, description: 'The answer', content: new OA\JsonContent(type: 'object')),
            new OA\Response(response: 404, description: 'No such calculation', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, string $name): Response
    {
        $calculation = Registry::named($name) ?? throw new NotFoundHttpException('There is no calculation of this name.');

        return new Response(JsonText::encode($calculation->answer(SentDocument::raw($request))), headers: ['Content-Type' => 'application/json']);
    }
}
