<?php

namespace App\Http\Controllers;

use App\Actions\RecordEntries;
use App\Bench\JobLog;
use App\Bench\ReadingsFile;
use App\Http\SentDocument;
use App\Http\Shapes\EntryResultShape;
use App\Http\Shapes\ImportRowShape;
use App\Http\Shapes\ImportShape;
use App\Models\Job;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use Ramsey\Uuid\Uuid;
use RuntimeException;

/** Readings from a file: looked at first, entered all or none. */
final class ImportController
{
    #[OA\Post(path: '/api/jobs/{number}/import', summary: 'Look at a file of readings, or enter it', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['csv'], properties: [new OA\Property(property: 'csv', type: 'string'), new OA\Property(property: 'enter', type: 'boolean')])),
        responses: [new OA\Response(response: 200, description: 'Every line, and what is wrong with it', content: new OA\JsonContent(ref: ImportShape::class))])]
    public function __invoke(Request $request, Job $job, RecordEntries $record): JsonResponse
    {
        $sent = SentDocument::of($request, 'csv', 'enter');
        $rows = ReadingsFile::read($sent->text('csv', 2_000_000), JobLog::state($job));
        $wrong = count(array_filter($rows, static fn (array $row): bool => $row['error'] !== null));
        $enter = $sent->flag('enter') && $wrong === 0 && $rows !== [];
        if ($enter) {
            $user = $request->user();
            assert($user instanceof User);
            $at = CarbonImmutable::now('UTC')->format('Y-m-d\TH:i:s.v\Z');
            $entries = array_map(static fn (array $row): object => (object) ['id' => Uuid::uuid7()->toString(), 'kind' => 'reading_taken', 'happened_at' => $at, 'payload' => $row['payload']], $rows);
            DB::transaction(static function () use ($record, $job, $user, $entries): void {
                $refused = array_filter($record($job, $user, $entries, null), static fn (EntryResultShape $result): bool => $result->state === 'refused');
                if ($refused !== []) {
                    throw new RuntimeException('A line that could be read was refused.');
                }
            });
        }

        return new JsonResponse(new ImportShape(
            array_map(static fn (array $row): ImportRowShape => new ImportRowShape(
                line: $row['line'],
                place: $row['place'],
                reading: $row['reading'],
                column: $row['column'],
                error: $row['error'],
            ), $rows),
            $wrong, $enter,
        ));
    }
}
