<?php

namespace App\Http\Controllers;

use App\Http\Middleware\SessionStands;
use App\Http\Shapes\PersonShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SessionShape;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Signing in and out with the framework's own session guard. */
final class SessionController
{
    #[OA\Get(path: '/api/session', summary: 'Who is signed in', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'The person, or nobody', content: new OA\JsonContent(ref: SessionShape::class)),
    ])]
    public function show(): JsonResponse
    {
        $user = Auth::user();

        return new JsonResponse(new SessionShape($user instanceof User ? self::person($user) : null, SessionStands::isByPin(request())));
    }

    #[OA\Post(path: '/api/session', summary: 'Sign in', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['username', 'password'], properties: [
            new OA\Property(property: 'username', type: 'string'), new OA\Property(property: 'password', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 422, description: 'Name and password do not go together', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 429, description: 'Too many tries', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function store(Request $request): JsonResponse
    {
        $printable = 'regex:/^[^\x00-\x1F\x7F]*$/u';
        $credentials = $request->validate(['username' => ['required', 'string', 'max:60', $printable], 'password' => ['required', 'string', 'max:200', $printable]]);
        $credentials['username'] = mb_strtolower(trim($credentials['username']));
        if (! Auth::attempt($credentials + ['disabled_at' => null], remember: true)) {
            self::takeAsLong($credentials);
            throw ValidationException::withMessages(['password' => 'Name and password do not go together. Try again, or ask the owner.']);
        }
        SessionStands::begin($request);

        return $this->show();
    }

    /**
     * A name that nobody bears is answered no sooner than one that somebody does.
     *
     * @param  array<string, mixed>  $credentials
     */
    private static function takeAsLong(array $credentials): void
    {
        if (! User::query()->where('username', $credentials['username'])->exists()) {
            $stand = Cache::rememberForever('sign-in-stand', static fn (): string => Hash::make(Str::random(40)));
            Hash::check(is_string($credentials['password']) ? $credentials['password'] : '', $stand);
        }
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

        return $this->destroy($request);
    }

    public static function person(User $user): PersonShape
    {
        return new PersonShape($user->username, $user->name, $user->initials, $user->role->value);
    }
}
