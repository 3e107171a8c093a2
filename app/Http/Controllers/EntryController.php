<?php

namespace App\Http\Controllers;

use App\Actions\RecordEntries;
use App\Bench\JobAnswers;
use App\Http\SentDocument;
use App\Http\Shapes\EntriesShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;
use stdClass;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

final class EntryController
{
    private const MOST = 200;

    #[OA\Post(path: '/api/jobs/{number}/entries', summary: 'Enter a batch into the log, each entry once', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['entries'], properties: [
            new OA\Property(property: 'client_now', description: 'what the sender\'s clock says', type: 'string', format: 'date-time'),
            new OA\Property(property: 'by', description: 'the user name of whoever typed them; another person\'s session does not send them', type: 'string'),
            new OA\Property(property: 'entries', type: 'array', items: new OA\Items(required: ['id', 'kind', 'happened_at', 'payload'], properties: [
                new OA\Property(property: 'id', type: 'string', format: 'uuid'), new OA\Property(property: 'kind', type: 'string'),
                new OA\Property(property: 'happened_at', type: 'string', format: 'date-time'),
                new OA\Property(property: 'clock_offset', description: 'by how many milliseconds the shop\'s clock was ahead of the sender\'s when it was typed', type: 'integer'),
                new OA\Property(property: 'payload', type: 'object'),
            ], type: 'object')),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'What became of each, and the job after it', content: new OA\JsonContent(ref: EntriesShape::class)),
            new OA\Response(response: 409, description: 'Typed by somebody else than who is signed in', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 422, description: 'Not a batch', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function __invoke(Request $request, Job $job, RecordEntries $record): JsonResponse
    {
        $batch = SentDocument::of($request, 'entries', 'client_now', 'by');
        $sent = array_map(static fn (Fields $item): stdClass => ($raw = $item->raw($item->keys()[0])) instanceof stdClass
            ? $raw : throw $item->placed(MalformedDocument::notAnObject($raw), $item->keys()[0]), $batch->items('entries', self::MOST));
        $clientNow = $batch->has('client_now') ? $batch->instant('client_now') : null;
        $user = $request->user();
        assert($user instanceof User);
        $by = $batch->textOrNull('by', 60);
        if ($by !== null && $by !== $user->username) {
            throw new ConflictHttpException('This was typed by '.$by.', who signs in to send it.');
        }
        $results = $record($job, $user, $sent, $clientNow);

        return JsonResponse::fromJsonString(EntriesShape::json($results, JobAnswers::of($job)));
    }
}
