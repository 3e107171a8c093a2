<?php

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Moltrek', description: 'The bench companion of a powersports mechanic who rebuilds top ends.')]
final class HealthController
{
    #[OA\Get(path: '/api/health', summary: 'Whether the application and its database answer', tags: ['health'], responses: [
        new OA\Response(response: 200, description: 'Both answer', content: new OA\JsonContent(required: ['status'], properties: [new OA\Property(property: 'status', type: 'string')])),
    ])]
    public function __invoke(): JsonResponse
    {
        DB::select('select 1');

        return new JsonResponse(['status' => 'ok']);
    }
}
