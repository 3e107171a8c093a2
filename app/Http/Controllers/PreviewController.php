<?php

namespace App\Http\Controllers;

use App\Actions\RecordEntries;
use App\Bench\MeasuringView;
use App\Http\SentDocument;
use App\Http\Shapes\AssessmentShape;
use App\Http\Shapes\PreviewShape;
use App\Http\Shapes\RefusalShape;
use App\Models\Job;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Fitting\Assessment;
use Moltrek\Core\Log\Measuring\ReadingTaken;
use Moltrek\Core\Measuring\Plausibility;
use Moltrek\Core\Refusal\Refusal;
use OpenApi\Attributes as OA;

/** What a reading would mean, while it is being typed. Nothing is stored. */
final class PreviewController
{
    #[OA\Post(path: '/api/jobs/{number}/preview', summary: 'What a reading would mean, before it is entered', tags: ['jobs'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['spot', 'reading'], properties: [
            new OA\Property(property: 'spot', type: 'string'), new OA\Property(property: 'reading', description: 'a quantity, {setting, deviation}, or {passes, drags, refuses}'),
            new OA\Property(property: 'tool', type: 'string', nullable: true), new OA\Property(property: 'set_with', type: 'string', nullable: true),
        ])),
        responses: [new OA\Response(response: 200, description: 'Figure, question and verdicts', content: new OA\JsonContent(ref: PreviewShape::class))])]
    public function __invoke(Request $request, Job $job, RecordEntries $record): JsonResponse
    {
        $payload = SentDocument::raw($request);
        $user = $request->user();
        assert($user instanceof User);
        try {
            $state = $record->rehearse($job, $user, ReadingTaken::name(), $payload);
        } catch (Refusal $refusal) {
            return new JsonResponse(new PreviewShape(null, null, new RefusalShape(...$refusal->toArray()), []));
        }
        $spot = is_string($payload->spot ?? null) ? $payload->spot : '';
        $reading = $state->readings->at($spot);
        $view = new MeasuringView($state);
        $touched = array_filter($state->verdicts->all(), static fn (Assessment $assessment): bool => in_array($spot, $assessment->subject->spots, true));

        return new JsonResponse(new PreviewShape(
            $reading?->bracket() === null ? $reading?->size()?->written() : null,
            $reading === null ? null : Plausibility::question($reading, $state->sheet, $state->readings->beside($reading->spot)),
            null,
            array_map(static fn (Assessment $assessment): AssessmentShape => $view->assessment($assessment), array_values($touched)),
        ));
    }
}
