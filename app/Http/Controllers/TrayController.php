<?php

namespace App\Http\Controllers;

use App\Bench\BoltBoard;
use App\Bench\JobLog;
use App\Models\Job;
use Dompdf\Dompdf;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Bolt boards at true scale, to print and push the bolts through. */
final class TrayController
{
    #[OA\Get(path: '/api/jobs/{number}/trays/{slab}.svg', summary: 'The bolt board of a slab as SVG in millimetres', tags: ['trays'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer')), new OA\PathParameter(name: 'slab', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'SVG', content: new OA\MediaType(mediaType: 'image/svg+xml'))])]
    public function svg(Job $job, string $slab): Response
    {
        foreach (BoltBoard::all($job->sheet->engine()) as $board) {
            if ($board->slab->id === $slab) {
                return new Response($board->svg(), headers: ['Content-Type' => 'image/svg+xml']);
            }
        }
        abort(404);
    }

    #[OA\Get(path: '/api/jobs/{number}/trays.pdf', summary: 'The bolt boards of what a job takes off, one a page, at true scale', tags: ['trays'],
        parameters: [new OA\PathParameter(name: 'number', required: true, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'PDF', content: new OA\MediaType(mediaType: 'application/pdf'))])]
    public function pdf(Job $job): Response
    {
        $boards = BoltBoard::outIn(JobLog::state($job)->scope());
        $pages = array_map(static fn (BoltBoard $board): string => sprintf('<div class="board"><img src="data:image/svg+xml;base64,%s" style="width: %.1fmm; height: %.1fmm"></div>', base64_encode($board->svg()), $board->width(), $board->height()), $boards);
        $wide = array_filter($boards, static fn (BoltBoard $board): bool => $board->width() > 190) !== [];
        $pdf = new Dompdf(['isRemoteEnabled' => false, 'tempDir' => storage_path('framework/cache'), 'fontCache' => storage_path('framework/cache')]);
        $pdf->setPaper(max([0, ...array_map(static fn (BoltBoard $board): float => $board->width(), $boards)]) > 277 ? 'A3' : 'A4', $wide ? 'landscape' : 'portrait');
        $pdf->loadHtml('<style>@page { margin: 8mm } .board { page-break-after: always } .board:last-child { page-break-after: auto }</style>'.implode('', $pages));
        $pdf->render();

        return new Response((string) $pdf->output(), headers: ['Content-Type' => 'application/pdf', 'Content-Disposition' => sprintf('inline; filename="moltrek-trays-%d.pdf"', $job->number)]);
    }
}
