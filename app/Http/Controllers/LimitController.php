<?php

namespace App\Http\Controllers;

use App\Actions\KeepSheet;
use App\Actions\RecordEntries;
use App\Bench\JobAnswers;
use App\Bench\JobLog;
use App\Http\SentDocument;
use App\Http\Shapes\JobShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\Sheet;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Judgement\PrintedLimit;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\JudgedQuantity;
use Moltrek\Core\Sheet\SourceKind;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use stdClass;

/** A limit that a sheet lacks, typed where a reading asks for it: shown as understood, then kept on the sheet, and the job goes by it at once. */
final class LimitController
{
    #[OA\Post(path: '/api/jobs/{number}/limits', summary: 'Type a limit that the sheet lacks; with keep it is written on the sheet as its next version, which the job takes', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['scope', 'text', 'source'], properties: [
            new OA\Property(property: 'scope', description: 'of the verdict that lacks it', type: 'string'), new OA\Property(property: 'text', description: 'as the manual prints it', type: 'string'),
            new OA\Property(property: 'source', type: 'string'), new OA\Property(property: 'note', description: 'the page it stands on', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The job after it', content: new OA\JsonContent(ref: JobShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request, Job $job, KeepSheet $keep, RecordEntries $record): JsonResponse
    {
        $sent = SentDocument::of($request, 'scope', 'text', 'source', 'note');
        $scope = $sent->text('scope', 120);
        $quantity = self::quantity($job, $scope);
        $limit = $sent->placing(static fn (): PrintedLimit => PrintedLimit::read($sent->text('text', 200), $quantity->dimension()));
        $part = explode('.', $scope, 2)[1] ?? null;
        $stated = (object) ($limit->stated() + ['quantity' => $quantity->value, 'source' => $sent->choice('source', SourceKind::class)->value]
            + ($part === null ? [] : ['of' => [$part]]) + ($sent->has('note') ? ['note' => $sent->text('note', 120)] : []));
        $newest = Sheet::newest($job->sheet->slug);
        if ($newest === null || $newest->version !== $job->sheet->version) {
            throw ContradictoryFields::excluded('scope', $scope, 'The spec book has a newer sheet of this engine.', 'a job that goes by the newest; adopt it first')->under('');
        }
        $user = $request->user();
        assert($user instanceof User);
        DB::transaction(static function () use ($job, $keep, $record, $stated, $user): void {
            $kept = $keep->changed($job->sheet->slug, static function (stdClass $document) use ($stated): void {
                $document->limits = [...(is_array($document->limits ?? null) ? $document->limits : []), $stated];
            });
            $adopted = (object) ['id' => Uuid::uuid7()->toString(), 'kind' => 'sheet_adopted', 'happened_at' => CarbonImmutable::now('UTC')->format('Y-m-d\TH:i:s.v\Z'),
                'payload' => (object) ['version' => $kept->version, 'from' => $job->sheet->version]];
            $record($job, $user, [$adopted], null);
        });

        return JsonResponse::fromJsonString(JobAnswers::of($job->refresh()));
    }

    #[OA\Post(path: '/api/jobs/{number}/limits/preview', summary: 'What is understood of a limit as it is printed', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['scope', 'text'], properties: [new OA\Property(property: 'scope', type: 'string'), new OA\Property(property: 'text', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'In words', content: new OA\JsonContent(required: ['understood'], properties: [new OA\Property(property: 'understood', type: 'string')])),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function preview(Request $request, Job $job): JsonResponse
    {
        $sent = SentDocument::of($request, 'scope', 'text');
        $quantity = self::quantity($job, $sent->text('scope', 120));

        return new JsonResponse(['understood' => $sent->placing(static fn (): PrintedLimit => PrintedLimit::read($sent->text('text', 200), $quantity->dimension()))->inWords()]);
    }

    private static function quantity(Job $job, string $scope): JudgedQuantity
    {
        $known = in_array($scope, JobLog::state($job)->verdicts->scopes(), true) ? JudgedQuantity::tryFrom(explode('.', $scope, 2)[0]) : null;

        return $known ?? throw MalformedDocument::wrongSort($scope, 'something that is judged on this engine')->under('scope');
    }
}
