<?php

namespace App\Http\Controllers;

use App\Actions\TakeBench;
use App\Actions\Voucher;
use App\Http\Middleware\SessionStands;
use App\Http\SentDocument;
use App\Http\Shapes\BenchDoorShape;
use App\Http\Shapes\DeviceShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SessionShape;
use App\Models\Device;
use App\Models\Job;
use App\Models\User;
use App\Policies\NewPin;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Carbon\CarbonImmutable;
use Illuminate\Auth\SessionGuard;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cookie;
use Illuminate\Support\Facades\Hash;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** The shop's tablets, and who is at the bench on them. */
final class DeviceController
{
    /** Untouched for so long a tablet locks itself, in seconds. */
    private const LOCKS_AFTER = 10 * 60;

    /** So many questions of a hold are looked at in one go. */
    private const MOST_ITEMS = 60;

    #[OA\Get(path: '/api/devices', summary: 'The tablets of the shop', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'Those that are enrolled', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DeviceShape::class))),
    ])]
    public function index(Request $request): JsonResponse
    {
        return self::all(Device::of($request)?->id);
    }

    private static function all(?string $here): JsonResponse
    {
        return new JsonResponse(array_values(Device::query()->get()->whereNull('revoked_at')->sortBy('id')->map(static fn (Device $device): DeviceShape => new DeviceShape(
            id: $device->id,
            name: $device->name,
            enrolledAt: $device->enrolled_at->toIso8601ZuluString(),
            seenAt: $device->seen_at?->toIso8601ZuluString(),
            isHere: $device->id === $here,
        ))->all()));
    }

    #[OA\Post(path: '/api/devices', summary: 'This tablet is one of the shop\'s from now on', tags: ['shop'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name'], properties: [new OA\Property(property: 'name', type: 'string')])),
        responses: [new OA\Response(response: 200, description: 'Enrolled', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DeviceShape::class)))])]
    public function store(Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        $device = Device::enrol(SentDocument::of($request, 'name')->text('name', 40), $user);
        // whoever was remembered here before it stayed in the shop is so no more
        $guard = Auth::guard();
        assert($guard instanceof SessionGuard);
        Cookie::queue(Cookie::forget($guard->getRecallerName()));
        SecurityLog::note(SecurityEvent::TabletEnrolled, $user, $device->name);

        return self::all($device->id);
    }

    #[OA\Delete(path: '/api/devices/{device}', summary: 'A tablet is the shop\'s no more: lost, sold or broken', tags: ['shop'],
        parameters: [new OA\PathParameter(name: 'device', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'Those that are left', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: DeviceShape::class)))])]
    public function destroy(Request $request, string $device): JsonResponse
    {
        $gone = Device::query()->findOrFail($device);
        $gone->update(['revoked_at' => CarbonImmutable::now()]);
        $user = $request->user();
        SecurityLog::note(SecurityEvent::TabletRevoked, $user instanceof User ? $user : null, $gone->name);

        return $this->index($request);
    }

    #[OA\Post(path: '/api/pin', summary: 'Your PIN for the shop\'s tablets', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current', 'pin'], properties: [
            new OA\Property(property: 'current', description: 'the password', type: 'string'), new OA\Property(property: 'pin', description: 'four to eight digits', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Set', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 422, description: 'Not the password, or no good PIN', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function setPin(Request $request, SessionController $session): JsonResponse
    {
        $sent = SentDocument::of($request, 'current', 'pin');
        $user = $request->user();
        assert($user instanceof User);
        PasswordController::refuseOther($sent, $user);
        $pin = NewPin::in($sent, 'pin');
        $user->update(['pin_hash' => Hash::make($pin)]);
        SecurityLog::note(SecurityEvent::PinSet, $user);

        return $session->show();
    }

    #[OA\Get(path: '/api/bench', summary: 'Whether this tablet is one of the shop\'s, and who may take it over', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'Nobody on any other tablet', content: new OA\JsonContent(ref: BenchDoorShape::class)),
    ])]
    public function door(Request $request): JsonResponse
    {
        $device = Device::of($request);
        $people = $device === null ? [] : User::query()->get()->whereNull('disabled_at')->whereNotNull('pin_hash')->sortBy('id');

        return new JsonResponse(new BenchDoorShape($device?->name, array_values(collect($people)->map(SessionController::person(...))->all()), self::LOCKS_AFTER));
    }

    #[OA\Post(path: '/api/bench', summary: 'Take the bench over by initials and PIN', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['initials', 'pin'], properties: [
            new OA\Property(property: 'initials', type: 'string'), new OA\Property(property: 'pin', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The next entry is theirs', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 422, description: 'They do not go together, or not here', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 429, description: 'Too many wrong ones', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function take(Request $request, TakeBench $take, SessionController $session): JsonResponse
    {
        $sent = SentDocument::of($request, 'initials', 'pin');
        $user = $take->who($request, $sent->text('initials', 4), $sent->text('pin', 8));
        // whoever had signed in here with a password, and was remembered, is so no more
        $guard = Auth::guard();
        assert($guard instanceof SessionGuard);
        $guard->logoutCurrentDevice();
        $guard->login($user);
        SessionStands::begin($request, byPin: true);
        SecurityLog::note(SecurityEvent::TookBench, $user);

        return $session->show();
    }

    #[OA\Post(path: '/api/bench/second', summary: 'A second person says by their PIN that they look too', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['initials', 'pin', 'job', 'hold', 'items'], properties: [
            new OA\Property(property: 'initials', type: 'string'), new OA\Property(property: 'pin', type: 'string'), new OA\Property(property: 'job', type: 'integer'),
            new OA\Property(property: 'hold', type: 'string'), new OA\Property(property: 'items', description: 'the questions that they look at', type: 'array', items: new OA\Items(type: 'integer')),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'What the entry of each question carries, by question', content: new OA\JsonContent(required: ['vouchers'], properties: [
                new OA\Property(property: 'vouchers', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
            ])),
            new OA\Response(response: 422, description: 'They do not go together, or not here', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function second(Request $request, TakeBench $take): JsonResponse
    {
        $sent = SentDocument::of($request, 'initials', 'pin', 'job', 'hold', 'items');
        $first = $request->user();
        assert($first instanceof User);
        $hold = $sent->text('hold', 120);
        $number = $sent->whole('job', 1);
        $job = Job::query()->where('number', $number)->first() ?? throw $sent->placed(MalformedDocument::wrongSort($number, 'a job of this shop'), 'job');
        $items = $sent->raw('items');
        if (! is_array($items) || $items === [] || count($items) > self::MOST_ITEMS || array_filter($items, static fn (mixed $item): bool => ! is_int($item) || $item < 0 || $item > 999) !== []) {
            throw $sent->placed(MalformedDocument::wrongSort(is_array($items) ? count($items).' of them' : 'none', 'the questions of the hold, by number'), 'items');
        }
        $second = $take->who($request, $sent->text('initials', 4), $sent->text('pin', 8));
        if ($second->is($first)) {
            throw $sent->placed(MalformedDocument::wrongSort($second->initials, 'somebody else than who works'), 'initials');
        }
        SecurityLog::note(SecurityEvent::Vouched, $second, "job $number, with $first->initials");
        $vouchers = [];
        foreach (array_filter($items, is_int(...)) as $item) {
            $vouchers[(string) $item] = Voucher::give($second, $first, $job, $hold, $item);
        }

        return new JsonResponse(['vouchers' => (object) $vouchers]);
    }
}
