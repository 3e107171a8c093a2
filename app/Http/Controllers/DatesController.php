<?php

namespace App\Http\Controllers;

use App\Bench\DatesView;
use App\Bench\Shop;
use App\Http\Shapes\DateJobShape;
use App\Http\Shapes\DatesShape;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Sabre\VObject\Component\VCalendar;

/** What finishes when, and the same as a calendar that a telephone can follow. */
final class DatesController
{
    #[OA\Get(path: '/api/dates', summary: 'What finishes when; a late part can be tried without saving', tags: ['dates'],
        parameters: [new OA\QueryParameter(name: 'late_job', required: false, schema: new OA\Schema(type: 'integer')), new OA\QueryParameter(name: 'days', required: false, schema: new OA\Schema(type: 'integer'))],
        responses: [new OA\Response(response: 200, description: 'The schedule', content: new OA\JsonContent(ref: DatesShape::class))])]
    public function show(Request $request): JsonResponse
    {
        $now = Shop::now();
        $late = $request->integer('late_job');
        $jobs = (new DatesView($now, $late === 0 ? null : $late, max(0, min(90, $request->integer('days')))))->jobs();
        $user = $request->user();
        assert($user instanceof User);
        if ($user->calendar_key === null) {
            $user->update(['calendar_key' => Str::random(40)]);
        }

        return new JsonResponse(new DatesShape($now->format(DATE_ATOM), $jobs === [] ? $now->format(DATE_ATOM) : max(array_map(static fn (DateJobShape $job): string => $job->finish, $jobs)),
            Shop::zone(), DatesView::people(), $jobs, '/calendar/'.$user->calendar_key.'.ics'));
    }

    /** The address itself is the key; whoever has it may look and change nothing. */
    public function calendar(string $key): Response
    {
        $user = User::query()->where('calendar_key', $key)->first() ?? abort(404);
        $calendar = new VCalendar(['PRODID' => '-//Moltrek//Dates//EN', 'NAME' => Shop::shop().', '.$user->initials]);
        foreach ((new DatesView(Shop::now()))->events() as $event) {
            $entry = $calendar->createComponent('VEVENT', ['UID' => $event['uid'].'@moltrek', 'SUMMARY' => $event['text'], 'DTSTAMP' => Shop::now()]);
            $calendar->add($entry);
            $entry->add('DTSTART', $event['allDay'] ? $event['at']->format('Ymd') : $event['at'], $event['allDay'] ? ['VALUE' => 'DATE'] : []);
        }

        return new Response($calendar->serialize(), headers: ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'no-store']);
    }
}
