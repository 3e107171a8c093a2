<?php

namespace App\Http\Controllers;

use App\Actions\RecordEntries;
use App\Http\SentDocument;
use App\Http\Shapes\EntriesShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\User;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;
use stdClass;

final class EntryController
{
    private const MOST = 500;

    #[OA\Post(path: '/api/jobs/{number}/entries', summary: 'Enter a batch into the log, each entry once', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['entries'], properties: [
            new OA\Property(property: 'client_now', type: 'string', format: 'date-time'),
            new OA\Property(property: 'entries', type: 'array', items: new OA\Items(required: ['id', 'kind', 'happened_at', 'payload'], properties: [
                new OA\Property(property: 'id', type: 'string', format: 'uuid'), new OA\Property(property: 'kind', type: 'string'),
                new OA\Property(property: 'happened_at', type: 'string', format: 'date-time'), new OA\Property(property: 'payload', type: 'object'),
            ], type: 'object')),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'What became of each, and the job after it', content: new OA\JsonContent(ref: EntriesShape::class)),
            new OA\Response(response: 422, description: 'Not a batch', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function __invoke(Request $request, Job $job, RecordEntries $record): JsonResponse
    {
        $batch = SentDocument::of($request, 'entries', 'client_now');
        $sent = array_map(static fn ($item): stdClass => is_object($raw = $item->raw($item->keys()[0])) && $raw instanceof stdClass
            ? $raw : throw $item->placed(MalformedDocument::notAnObject($raw), $item->keys()[0]), $batch->items('entries'));
        if (count($sent) > self::MOST) {
            throw MalformedDocument::wrongSort(count($sent), 'at most '.self::MOST.' entries at once')->under('entries');
        }
        $clientNow = $batch->textOrNull('client_now', 40);
        $user = $request->user();
        assert($user instanceof User);
        $results = $record($job, $user, $sent, $clientNow !== null && strtotime($clientNow) !== false ? new DateTimeImmutable($clientNow) : null);

        return new JsonResponse(new EntriesShape($results, JobController::shape($job)));
    }
}
