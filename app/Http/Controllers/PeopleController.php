<?php

namespace App\Http\Controllers;

use App\Actions\BeginnersCode;
use App\Http\SentDocument;
use App\Http\Shapes\CodeShape;
use App\Http\Shapes\ColleagueShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\RoleShape;
use App\Models\Role;
use App\Models\ShopSettings;
use App\Models\User;
use App\Policies\Right;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Carbon\CarbonImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\ContradictoryFields;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Scheduling\OpeningHours;
use OpenApi\Attributes as OA;

/** The people of the shop: who they are, what each may do, and the code by which each begins. */
final class PeopleController
{
    #[OA\Get(path: '/api/people', summary: 'The people of the shop', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'Everybody, in the order in which they came', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ColleagueShape::class))),
    ])]
    public function index(): JsonResponse
    {
        return new JsonResponse(array_values(User::query()->get()->sortBy('id')->map(self::shape(...))->all()));
    }

    #[OA\Get(path: '/api/roles', summary: 'What each role may do', tags: ['shop'], responses: [
        new OA\Response(response: 200, description: 'Who may least first', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RoleShape::class))),
    ])]
    public function roles(): JsonResponse
    {
        return new JsonResponse(array_map(static fn (Role $role): RoleShape => new RoleShape($role, Right::words($role)), array_reverse(Role::cases())));
    }

    #[OA\Post(path: '/api/people', summary: 'A new person, and the code by which they begin', tags: ['shop'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['name', 'username', 'initials', 'role'], properties: [
            new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'username', type: 'string'),
            new OA\Property(property: 'initials', type: 'string'), new OA\Property(property: 'role', type: 'string', enum: Role::class),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'The code, once', content: new OA\JsonContent(ref: CodeShape::class)),
            new OA\Response(response: 422, description: 'What was read cannot be used', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        $sent = SentDocument::of($request, 'name', 'username', 'initials', 'role');
        $user = User::query()->create(self::identity($sent) + ['role' => $sent->choice('role', Role::class), 'password' => Str::random(60)]);

        SecurityLog::note(SecurityEvent::PersonAdded, self::by($request), "$user->name, {$user->role->value}");

        return self::code($user);
    }

    #[OA\Post(path: '/api/people/{username}', summary: 'Change a person\'s role, or whether they may sign in', tags: ['shop'],
        parameters: [new OA\PathParameter(name: 'username', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
            new OA\Property(property: 'role', type: 'string', enum: Role::class), new OA\Property(property: 'disabled', type: 'boolean'),
            new OA\Property(property: 'hours', description: 'ranges by day; null for those of the shop', type: 'object', nullable: true),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Everybody after it', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ColleagueShape::class))),
            new OA\Response(response: 422, description: 'The shop would have no owner', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function update(Request $request, User $user): JsonResponse
    {
        $sent = SentDocument::of($request, 'role', 'disabled', 'hours');
        DB::transaction(static function () use ($request, $sent, $user): void {
            User::query()->where('role', Role::Owner)->lockForUpdate()->get();
            if ($sent->has('role')) {
                $user->role = $sent->choice('role', Role::class);
            }
            if ($sent->has('disabled')) {
                $user->disabled_at = $sent->flag('disabled') ? CarbonImmutable::now() : null;
            }
            if (property_exists(SentDocument::raw($request), 'hours')) {
                $user->hours = self::hours($sent);
            }
            $changed = [$user->isDirty('role'), $user->isDirty('disabled_at')];
            $user->save();
            if ($changed[0]) {
                SecurityLog::note(SecurityEvent::RoleChanged, self::by($request), "$user->name: {$user->role->value}");
            }
            if ($changed[1]) {
                $user->disabled_at === null ?: $user->endSessions();
                SecurityLog::note($user->disabled_at === null ? SecurityEvent::PersonLetIn : SecurityEvent::PersonShutOut, self::by($request), $user->name);
            }
            if (! User::query()->where('role', Role::Owner)->whereNull('disabled_at')->exists()) {
                $field = $sent->has('disabled') ? 'disabled' : 'role';
                throw ContradictoryFields::excluded($field, $sent->raw($field), 'The shop would have no owner.', 'another owner first');
            }
        });

        return $this->index();
    }

    #[OA\Post(path: '/api/people/{username}/code', summary: 'A new code for somebody who has forgotten the password', tags: ['shop'],
        parameters: [new OA\PathParameter(name: 'username', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'The code, once', content: new OA\JsonContent(ref: CodeShape::class))])]
    public function renew(Request $request, User $user): JsonResponse
    {
        SecurityLog::note(SecurityEvent::CodeGiven, self::by($request), $user->name);

        return self::code($user);
    }

    #[OA\Delete(path: '/api/people/{username}/sessions', summary: 'Sign somebody out on every device', tags: ['shop'],
        parameters: [new OA\PathParameter(name: 'username', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'Everybody', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ColleagueShape::class)))])]
    public function endSessions(Request $request, User $user): JsonResponse
    {
        $user->endSessions();
        SecurityLog::note(SecurityEvent::SignedOutEverywhere, self::by($request), $user->name);

        return $this->index();
    }

    private static function by(Request $request): ?User
    {
        $user = $request->user();

        return $user instanceof User ? $user : null;
    }

    /**
     * Who somebody is, as nobody else is called.
     *
     * @return array{name: string, username: string, initials: string}
     */
    public static function identity(Fields $sent): array
    {
        $name = $sent->text('name', 60);
        $username = mb_strtolower($sent->text('username', 30));
        if (preg_match('/^[a-z0-9][a-z0-9.-]*$/D', $username) !== 1) {
            throw $sent->placed(MalformedDocument::wrongSort($username, 'letters a to z, digits, dots and dashes'), 'username');
        }
        $initials = mb_strtoupper($sent->text('initials', 4));
        if (preg_match('/^\pL[\pL\pN]{0,3}$/u', $initials) !== 1) {
            throw $sent->placed(MalformedDocument::wrongSort($initials, 'one to four letters, such as TW'), 'initials');
        }
        foreach (['username' => $username, 'initials' => $initials] as $key => $value) {
            $other = User::query()->where($key, $value)->first();
            if ($other !== null) {
                throw $sent->placed(ContradictoryFields::excluded($key, $value, $other->name.' has that already. Entries are known by it for ever.', 'another'));
            }
        }

        return ['name' => $name, 'username' => $username, 'initials' => $initials];
    }

    /** @return array<string, list<string>>|null ranges by day */
    private static function hours(Fields $sent): ?array
    {
        if (! $sent->has('hours')) {
            return null;
        }
        if (! OpeningHours::read($sent)->isEverOpen()) {
            throw $sent->placed(MalformedDocument::wrongSort($sent->raw('hours'), 'hours on one day at least, or none of their own'), 'hours');
        }

        return ShopSettings::ranges($sent->raw('hours'));
    }

    private static function code(User $user): JsonResponse
    {
        $code = BeginnersCode::give($user);

        return new JsonResponse(new CodeShape(
            username: $user->username,
            name: $user->name,
            code: $code,
            path: '/welcome/'.$code,
            until: (string) $user->code_until?->toIso8601ZuluString(),
        ));
    }

    private static function shape(User $user): ColleagueShape
    {
        return new ColleagueShape(
            username: $user->username,
            name: $user->name,
            initials: $user->initials,
            role: $user->role,
            disabled: $user->disabled_at !== null,
            awaited: $user->code_until !== null && $user->code_until->isFuture(),
            hours: $user->hours === null ? null : (object) $user->hours,
        );
    }
}
