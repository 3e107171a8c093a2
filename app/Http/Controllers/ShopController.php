<?php

namespace App\Http\Controllers;

use App\Http\Middleware\SessionStands;
use App\Http\Middleware\WhichShop;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SessionShape;
use App\Http\Shapes\ShopShape;
use App\Http\Shapes\SupplierShape;
use App\Models\Role;
use App\Models\Shop;
use App\Models\ShopSettings;
use App\Models\User;
use App\Policies\NewPassword;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\ConflictHttpException;

/** The shop itself: begun once, by its owner; and which of the installation's shops a tablet speaks to. */
final class ShopController
{
    #[OA\Get(path: '/api/shop', summary: 'Which shop this is, and what it may be told', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'The shop', content: new OA\JsonContent(ref: ShopShape::class)),
    ])]
    public function show(): JsonResponse
    {
        $settings = ShopSettings::current();
        // whoever has not signed in is told its name, and what beginning it asks for while nobody has
        $open = $settings === null || Auth::check();
        $key = config('app.shop_key');
        $others = array_filter(array_keys(WhichShop::databases()), static fn (string $shop): bool => $shop !== $key && WhichShop::isOpen($shop));

        return new JsonResponse(new ShopShape(
            key: is_string($key) ? $key : '',
            name: $settings->name ?? '',
            zone: $open ? $settings->zone ?? '' : '',
            hours: (object) ($open ? $settings->hours ?? [] : []),
            units: (object) ($open ? $settings->units ?? [] : []),
            begun: $settings !== null,
            others: array_values($others),
            ownBegun: WhichShop::databases() !== [] && WhichShop::isBegun(),
            practice: $settings === null || $settings->practice,
            unitChoices: array_map(static fn (Dimension $dimension): array => $dimension->typedUnits(), ShopSettings::DIMENSIONS),
            zones: $open ? ShopSettings::zones() : [],
            shortestPassword: NewPassword::SHORTEST,
            wantsCode: config('app.setup_code') !== '',
            benches: $open ? Shop::benches() : [],
            suppliers: ! $open ? [] : array_map(static fn (string $name, int $days): SupplierShape => new SupplierShape($name, $days, Shop::openDays()->later(Shop::today(), $days)->text), array_keys(Shop::suppliers()), Shop::suppliers()),
        ));
    }

    #[OA\Post(path: '/api/shop/begin', summary: 'Begin the shop, with its owner', tags: ['shop'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['shop', 'owner'], properties: [
            new OA\Property(property: 'shop', type: 'object'), new OA\Property(property: 'owner', type: 'object'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Begun, and the owner signed in', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 409, description: 'It has been begun', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function begin(Request $request, SessionController $session): JsonResponse
    {
        $sent = SentDocument::of($request, 'shop', 'owner', 'code');
        self::refuseStranger($sent);
        $owner = DB::connection()->transaction(static function () use ($sent): User {
            // one at a time: two tablets that begin a shop in the same second make one
            DB::select('select pg_advisory_xact_lock(1)');
            if (ShopSettings::current() !== null || User::query()->exists()) {
                throw new ConflictHttpException('This shop has been begun. Its owner adds people.');
            }
            ShopSettings::read($sent->required('shop', 'name, zone and hours')->object('shop', ...ShopSettings::KEYS))->keep();
            Shop::forget();
            $who = $sent->required('owner', 'name, user name, initials and password')->object('owner', 'name', 'username', 'initials', 'password');
            $identity = PeopleController::identity($who);

            // read back: what the database fills in by itself is part of who somebody is
            return User::query()->create($identity + ['role' => Role::Owner, 'password' => NewPassword::in($who, 'password', [$identity['name'], $identity['username']])])->refresh();
        });
        SecurityLog::note(SecurityEvent::ShopBegun, $owner);
        Auth::login($owner, remember: true);
        SessionStands::begin($request);

        return $session->show();
    }

    /** On the shop's network whoever begins the shop has seen what the machine printed. */
    private static function refuseStranger(Fields $sent): void
    {
        $code = config('app.setup_code');
        if (is_string($code) && $code !== '' && ! hash_equals($code, $sent->textOrNull('code', 40) ?? '')) {
            throw $sent->placed(MalformedDocument::wrongSort($sent->textOrNull('code', 40) ?? 'nothing', 'the code that ./moltrek start printed'), 'code');
        }
    }

    #[OA\Post(path: '/api/shop', summary: 'Change what the shop is', tags: ['shop'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'object', description: 'name, zone, hours, units, benches, suppliers; practice: whether the shop for practice stays')),
        responses: [
            new OA\Response(response: 200, description: 'The shop after it', content: new OA\JsonContent(ref: ShopShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function update(Request $request): JsonResponse
    {
        $sent = SentDocument::of($request, 'practice', ...ShopSettings::KEYS);
        ShopSettings::read($sent)->keep();
        if ($sent->has('practice')) {
            ShopSettings::keepPractice($sent->flag('practice'));
        }
        Shop::forget();

        return $this->show();
    }

    #[OA\Post(path: '/api/shops/{shop}', summary: 'Speak to another shop of this installation from now on', tags: ['shop'],
        parameters: [new OA\PathParameter(name: 'shop', required: true, schema: new OA\Schema(type: 'string', enum: ['own', 'practice']))],
        responses: [
            new OA\Response(response: 204, description: 'This tablet speaks to it'),
            new OA\Response(response: 422, description: 'No such shop', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function choose(string $shop): Response
    {
        if (! isset(WhichShop::databases()[$shop]) || ! WhichShop::isOpen($shop)) {
            throw MalformedDocument::wrongSort($shop, implode(' or ', array_keys(WhichShop::databases())))->under('shop');
        }

        return (new Response(status: 204))->withCookie(WhichShop::cookie($shop));
    }
}
