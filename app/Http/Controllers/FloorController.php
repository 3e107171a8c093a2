<?php

namespace App\Http\Controllers;

use App\Bench\ComesBack;
use App\Bench\Summaries;
use App\Calculations\JsonText;
use App\Http\Shapes\FloorShape;
use App\Models\Shop;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final class FloorController
{
    #[OA\Get(path: '/api/floor', summary: 'Every open job, what can be worked first', tags: ['floor'], responses: [
        new OA\Response(response: 200, description: 'The floor', content: new OA\JsonContent(ref: FloorShape::class)),
    ])]
    public function __invoke(): Response
    {
        $floor = sprintf('{"jobs":[%s],"comesBack":%s,"today":%s,"zone":%s,"benches":%s}', implode(',', Summaries::ofOpenJobs()), JsonText::encode((new ComesBack(Shop::now()))->shapes(ComesBack::SOON)), JsonText::encode(Shop::now()->format('Y-m-d')), JsonText::encode(Shop::zone()), JsonText::encode(BenchController::shapes()));

        return new Response($floor, headers: ['Content-Type' => 'application/json']);
    }
}
