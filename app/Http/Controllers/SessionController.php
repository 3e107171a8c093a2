<?php

namespace App\Http\Controllers;

use App\Http\Middleware\SessionStands;
use App\Http\Shapes\PersonShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SessionShape;
use App\Models\Device;
use App\Models\User;
use App\Policies\SecondFactor;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Support\Timebox;
use Illuminate\Validation\ValidationException;
use LogicException;
use OpenApi\Attributes as OA;

/** Signing in and out with the framework's own session guard. */
final class SessionController
{
    /** A refusal takes so long, in microseconds, whatever was wrong. */
    private const REFUSED_AFTER = 400_000;

    #[OA\Get(path: '/api/session', summary: 'Who is signed in', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'The person, or nobody', content: new OA\JsonContent(ref: SessionShape::class)),
    ])]
    public function show(): JsonResponse
    {
        $user = Auth::user();

        return new JsonResponse(new SessionShape($user instanceof User ? self::person($user) : null, SessionStands::isByPin(request()), $user instanceof User && SecondFactor::isOn($user)));
    }

    #[OA\Post(path: '/api/session', summary: 'Sign in', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['username', 'password'], properties: [
            new OA\Property(property: 'username', type: 'string'), new OA\Property(property: 'password', type: 'string'),
            new OA\Property(property: 'code', description: 'of the second factor, where there is one', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 422, description: 'Name and password do not go together', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 429, description: 'Too many tries', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        $printable = 'regex:/^[^\x00-\x1F\x7F]*$/u';
        $credentials = $request->validate(['username' => ['required', 'string', 'max:60', $printable], 'password' => ['required', 'string', 'max:200', $printable], 'code' => ['nullable', 'string', 'max:20', $printable]]);
        $code = is_string($credentials['code'] ?? null) ? $credentials['code'] : '';
        $user = self::known(mb_strtolower(trim(self::text($credentials, 'username'))), self::text($credentials, 'password'));
        if (SecondFactor::isOn($user)) {
            self::refuseWithoutCode($user, $code);
        }
        // a tablet that stays in the shop remembers nobody
        Auth::login($user, remember: Device::of($request) === null);
        SessionStands::begin($request);
        SecurityLog::note(SecurityEvent::SignedIn, $user);

        return $this->show();
    }

    /** Whose name and password these are. Nobody's name takes as long as somebody's. */
    private static function known(string $username, string $password): User
    {
        $user = (new Timebox)->call(static function (Timebox $box) use ($username, $password): ?User {
            $user = User::query()->where('username', $username)->first();
            $hash = $user === null ? self::standIn() : (string) $user->getAuthPassword();
            if (! Hash::check($password, $hash) || $user === null || $user->disabled_at !== null) {
                SecurityLog::note(SecurityEvent::SignInRefused, $user);

                return null;
            }
            $box->returnEarly();
            if (Hash::needsRehash($hash)) {
                $user->forceFill(['password' => $password])->save();
            }

            return $user;
        }, self::REFUSED_AFTER);

        return $user ?? throw ValidationException::withMessages(['password' => 'Name and password do not go together. Try again, or ask the owner.']);
    }

    private static function refuseWithoutCode(User $user, string $code): void
    {
        if ($code === '') {
            throw ValidationException::withMessages(['code' => 'Type the six digits that your telephone shows for this shop, or one of your codes on paper.']);
        }
        if (SecondFactor::takes($user, $code)) {
            return;
        }
        if (SecondFactor::takesRecovery($user, $code)) {
            SecurityLog::note(SecurityEvent::RecoveryCodeUsed, $user);

            return;
        }
        SecurityLog::note(SecurityEvent::CodeRefused, $user);
        throw ValidationException::withMessages(['code' => 'These are not the digits of now, or they were used already. Wait for the next ones.']);
    }

    /** @param  array<array-key, mixed>  $said */
    private static function text(array $said, string $key): string
    {
        return is_string($said[$key] ?? null) ? $said[$key] : '';
    }

    #[OA\Delete(path: '/api/session', summary: 'Sign out', tags: ['session'], responses: [new OA\Response(response: 204, description: 'Signed out')])]
    public function destroy(Request $request): Response
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return new Response(status: 204);
    }

    #[OA\Delete(path: '/api/sessions', summary: 'Sign out on every device', tags: ['session'], responses: [new OA\Response(response: 204, description: 'Signed out everywhere')])]
    public function destroyAll(Request $request): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $user->endSessions();
        SecurityLog::note(SecurityEvent::SignedOutEverywhere, $user);

        return $this->destroy($request);
    }

    public static function person(User $user): PersonShape
    {
        return new PersonShape($user->username, $user->name, $user->initials, $user->role);
    }

    /** A hash that is tried where nobody bears the name, so that it takes as long. */
    private static function standIn(): string
    {
        $kept = Cache::rememberForever('sign-in-stand', static fn (): string => Hash::make(Str::random(40)));

        return is_string($kept) ? $kept : throw new LogicException('The stand-in for a password is no text.');
    }
}
