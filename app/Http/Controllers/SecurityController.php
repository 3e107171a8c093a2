<?php

namespace App\Http\Controllers;

use App\Http\Shapes\SecurityLineShape;
use App\Upkeep\SecurityLog;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class SecurityController
{
    #[OA\Get(path: '/api/security', summary: 'Who came in, who was refused, what changed of people, tablets and backups', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'The newest first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SecurityLineShape::class))),
    ])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (array $line): SecurityLineShape => new SecurityLineShape(...$line), SecurityLog::newest()));
    }
}
