<?php

namespace App\Http\Controllers;

use App\Bench\RecordPdf;
use App\Bench\RecordView;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The record of a job: on screen, as JSON after its published schema, as CSV. */
final class RecordController
{
    #[OA\Get(path: '/api/jobs/{number}/record', summary: 'The record of a job', tags: ['record'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The record, after docs/schemas/record.schema.json', content: new OA\JsonContent(type: 'object'))])]
    public function show(Job $job): JsonResponse
    {
        return new JsonResponse(RecordView::of($job)->document(), options: JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }

    #[OA\Get(path: '/api/jobs/{number}/record.json', summary: 'The record as a file', tags: ['record'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The record as JSON', content: new OA\JsonContent(type: 'object'))])]
    public function json(Job $job): Response
    {
        $text = (string) json_encode(RecordView::of($job)->document(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);

        return self::file($text."\n", 'application/json', $job, 'json');
    }

    #[OA\Get(path: '/api/jobs/{number}/record.csv', summary: 'The readings and verdicts as CSV', tags: ['record'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'One line a reading, units in their own column', content: new OA\MediaType(mediaType: 'text/csv'))])]
    public function csv(Job $job): Response
    {
        return self::file(RecordView::of($job)->csv(), 'text/csv; charset=utf-8', $job, 'csv');
    }

    #[OA\Get(path: '/api/jobs/{number}/record.pdf', summary: 'The record as PDF, made on the server', tags: ['record'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The record on A4', content: new OA\MediaType(mediaType: 'application/pdf'))])]
    public function pdf(Job $job): Response
    {
        return self::file((new RecordPdf(RecordView::of($job)->onPaper()))->content(), 'application/pdf', $job, 'pdf');
    }

    private static function file(string $content, string $type, Job $job, string $ending): Response
    {
        return new Response($content, headers: [
            'Content-Type' => $type,
            'Content-Disposition' => sprintf('attachment; filename="moltrek-job-%d.%s"', $job->number, $ending),
        ]);
    }
}
