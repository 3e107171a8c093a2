<?php

namespace App\Http\Controllers;

use App\Actions\KeepForJob;
use App\Bench\JobAnswers;
use App\Bench\JobLog;
use App\Http\SentDocument;
use App\Http\Shapes\JobShape;
use App\Http\Shapes\ProblemShape;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Judgement\PrintedLimit;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\JudgedQuantity;
use Moltrek\Core\Sheet\SourceKind;
use OpenApi\Attributes as OA;
use stdClass;

/** What a sheet lacks, typed where it is asked for, such as a limit at its reading: kept on the sheet, and the job goes by it at once. */
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
    public function store(Request $request, Job $job, KeepForJob $keep): JsonResponse
    {
        $sent = SentDocument::of($request, 'scope', 'text', 'source', 'note');
        $scope = $sent->text('scope', 120);
        $quantity = self::quantity($job, $scope);
        $limit = $sent->placing(static fn (): PrintedLimit => PrintedLimit::read($sent->text('text', 200), $quantity->dimension()));
        $part = explode('.', $scope, 2)[1] ?? null;
        $stated = (object) ($limit->stated() + ['quantity' => $quantity->value, 'source' => $sent->choice('source', SourceKind::class)->value]
            + ($part === null ? [] : ['of' => [$part]]) + ($sent->has('note') ? ['note' => $sent->text('note', 120)] : []));
        $keep($job, self::person($request), static function (stdClass $document) use ($stated): void {
            $document->limits = [...(is_array($document->limits ?? null) ? $document->limits : []), $stated];
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

    #[OA\Post(path: '/api/jobs/{number}/rod', summary: 'Type the length of the rod that the sheet lacks; it is written on the sheet as its next version, which the job takes', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rod', 'source'], properties: [
            new OA\Property(property: 'rod', description: 'between centres, with its unit', type: 'string'), new OA\Property(property: 'source', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The job after it', content: new OA\JsonContent(ref: JobShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function rod(Request $request, Job $job, KeepForJob $keep): JsonResponse
    {
        $sent = SentDocument::of($request, 'rod', 'source');
        [$rod, $source] = [$sent->text('rod', 40), $sent->text('source', 120)];
        $geometry = $job->sheet->engine()->geometry;
        if ($geometry->rod !== null) {
            throw ContradictoryFields::excluded('rod', $rod, 'The sheet states '.$geometry->rod->short().'.', 'a change of the sheet');
        }
        // a rod shorter than half its stroke could not pass the top
        if ($sent->size('rod')->nanometres * 2 <= $geometry->stroke->nanometres) {
            throw ContradictoryFields::excluded('rod', $rod, 'A rod is longer than half its stroke.', 'more than half of '.$geometry->stroke->short());
        }
        $keep($job, self::person($request), static function (stdClass $document) use ($rod, $source): void {
            $document->geometry = (object) ((array) $document->geometry + ['rod' => $rod, 'rod_source' => $source]);
        });

        return JsonResponse::fromJsonString(JobAnswers::of($job->refresh()));
    }

    private static function person(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }

    private static function quantity(Job $job, string $scope): JudgedQuantity
    {
        $known = in_array($scope, JobLog::state($job)->verdicts->scopes(), true) ? JudgedQuantity::tryFrom(explode('.', $scope, 2)[0]) : null;

        return $known ?? throw MalformedDocument::wrongSort($scope, 'something that is judged on this engine')->under('scope');
    }
}
