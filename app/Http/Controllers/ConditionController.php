<?php

namespace App\Http\Controllers;

use App\Http\Shapes\ConditionShape;
use App\Upkeep\Condition;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class ConditionController
{
    #[OA\Get(path: '/api/condition', summary: 'How the installation fares: backup, disk, faults, what waits on tablets', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'As it stands', content: new OA\JsonContent(ref: ConditionShape::class)),
    ])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(Condition::shape());
    }
}
