<?php

namespace App\Http\Controllers;

use App\Bench\ComesBack;
use App\Bench\DatesView;
use App\Http\Shapes\DateJobShape;
use App\Http\Shapes\DatesShape;
use App\Models\Shop;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Moltrek\Core\Refusal\MalformedDocument;
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
        $late = self::count($request, 'late_job', 999_999_999);
        $jobs = (new DatesView($now, $late === 0 ? null : $late, self::count($request, 'days', 90)))->jobs();
        $user = $request->user();
        assert($user instanceof User);
        if ($user->calendar_key === null) {
            $user->update(['calendar_key' => Str::random(40)]);
        }

        return new JsonResponse(new DatesShape(
            start: $now->format(DATE_ATOM),
            finish: $jobs === [] ? $now->format(DATE_ATOM) : max(array_map(static fn (DateJobShape $job): string => $job->finish, $jobs)),
            zone: Shop::zone(),
            people: DatesView::people(),
            closedWeekdays: Shop::openDays()->closed(),
            jobs: $jobs,
            comesBack: (new ComesBack($now))->shapes(),
            calendar: self::address($user),
        ));
    }

    private static function count(Request $request, string $key, int $most): int
    {
        $text = $request->query($key, '0');
        if (! is_string($text) || preg_match('/^\d{1,9}$/D', $text) !== 1 || (int) $text > $most) {
            throw MalformedDocument::wrongSort($text, "a whole number from 0 to $most")->under($key);
        }

        return (int) $text;
    }

    #[OA\Post(path: '/api/calendar', summary: 'Give your calendar a new address; the old one is dead from now on', tags: ['dates'],
        responses: [new OA\Response(response: 200, description: 'The new address', content: new OA\JsonContent(required: ['calendar'], properties: [new OA\Property(property: 'calendar', type: 'string')]))])]
    public function renew(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $user->update(['calendar_key' => Str::random(40)]);

        return new JsonResponse(['calendar' => self::address($user)]);
    }

    /** The address itself is the key; whoever has it may look and change nothing. */
    public function calendar(string $key): Response
    {
        $user = User::query()->where('calendar_key', $key)->where('disabled_at', null)->firstOrFail();
        $calendar = new VCalendar(['PRODID' => '-//Moltrek//Dates//EN', 'NAME' => Shop::shop().', '.$user->initials]);
        foreach ((new DatesView(Shop::now()))->events() as $event) {
            $entry = $calendar->createComponent('VEVENT', ['UID' => $event['uid'].'@moltrek', 'SUMMARY' => $event['text'], 'DTSTAMP' => Shop::now()]);
            $calendar->add($entry);
            $entry->add('DTSTART', $event['allDay'] ? $event['at']->format('Ymd') : $event['at'], $event['allDay'] ? ['VALUE' => 'DATE'] : []);
        }

        return new Response($calendar->serialize(), headers: ['Content-Type' => 'text/calendar; charset=utf-8', 'Cache-Control' => 'no-store']);
    }

    /** A calendar carries no cookie: which shop it is of stands in its address. */
    private static function address(User $user): string
    {
        $shop = config('app.shop_key');

        return '/calendar/'.$user->calendar_key.'.ics'.(is_string($shop) && $shop !== '' ? '?in='.$shop : '');
    }
}
