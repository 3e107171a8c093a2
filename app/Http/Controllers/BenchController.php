<?php

namespace App\Http\Controllers;

use App\Http\SentDocument;
use App\Http\Shapes\BenchShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\Shop;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** Which machine stands on which bench: one on each, and each on one. */
final class BenchController
{
    #[OA\Post(path: '/api/benches', summary: 'Put a machine on a bench, or clear it', tags: ['floor'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['bench'], properties: [
            new OA\Property(property: 'bench', type: 'string'), new OA\Property(property: 'job', description: 'null where it is cleared', type: 'integer', nullable: true),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Every bench after it', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: BenchShape::class))),
            new OA\Response(response: 422, description: 'No such bench, or no such job on the floor', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        $sent = SentDocument::of($request, 'bench', 'job');
        $bench = $sent->text('bench', 40);
        if (! in_array($bench, Shop::benches(), true)) {
            throw $sent->placed(MalformedDocument::wrongSort($bench, Shop::benches() === [] ? 'a bench, once the owner has named some' : 'one of '.implode(', ', Shop::benches())), 'bench');
        }
        $number = $sent->has('job') ? $sent->whole('job', 1, 1_000_000_000) : null;
        DB::transaction(static function () use ($sent, $bench, $number): void {
            DB::statement('lock table jobs in share row exclusive mode');
            Job::query()->where('bench', $bench)->update(['bench' => null]);
            if ($number !== null && Job::query()->where('number', $number)->whereNull('closed_at')->update(['bench' => $bench]) === 0) {
                throw $sent->placed(MalformedDocument::wrongSort($number, 'the number of a job on the floor'), 'job');
            }
        });

        return new JsonResponse(self::shapes());
    }

    /** @return list<BenchShape> */
    public static function shapes(): array
    {
        $standing = Job::query()->whereNotNull('bench')->whereNull('closed_at')->pluck('number', 'bench');

        return array_map(static function (string $bench) use ($standing): BenchShape {
            $number = $standing->get($bench);

            return new BenchShape($bench, is_int($number) ? $number : null);
        }, Shop::benches());
    }
}
