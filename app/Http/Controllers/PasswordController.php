<?php

namespace App\Http\Controllers;

use App\Actions\BeginnersCode;
use App\Http\Middleware\SessionStands;
use App\Http\SentDocument;
use App\Http\Shapes\PersonShape;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SessionShape;
use App\Models\Device;
use App\Models\User;
use App\Policies\NewPassword;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Moltrek\Core\Document\Fields;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;

/** Everybody sets their own password: signed in, or with the code that the owner gave. */
final class PasswordController
{
    #[OA\Post(path: '/api/password', summary: 'Change your password; you are signed out everywhere else', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current', 'password'], properties: [
            new OA\Property(property: 'current', type: 'string'), new OA\Property(property: 'password', type: 'string'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Changed', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 422, description: 'Not the current one, or not a good one', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function change(Request $request, SessionController $session): JsonResponse
    {
        $sent = SentDocument::of($request, 'current', 'password');
        $user = $request->user();
        assert($user instanceof User);
        self::refuseOther($sent, $user);
        $this->set($request, $user, NewPassword::in($sent, 'password', [$user->name, $user->username]));

        return $session->show();
    }

    /** Whoever changes what they sign in with says first what it is now. */
    public static function refuseOther(Fields $sent, User $user): void
    {
        $current = $sent->raw('current');
        if (! is_string($current) || ! Hash::check($current, (string) $user->getAuthPassword())) {
            throw $sent->placed(MalformedDocument::wrongSort('another', 'the password that you sign in with now'), 'current');
        }
    }

    #[OA\Get(path: '/api/welcome/{code}', summary: 'Whose a code is', tags: ['session'],
        parameters: [new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [
            new OA\Response(response: 200, description: 'Who begins with it', content: new OA\JsonContent(ref: PersonShape::class)),
            new OA\Response(response: 404, description: 'Used, over or never given', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function welcome(string $code): JsonResponse
    {
        $user = BeginnersCode::whose($code) ?? abort(404, 'This code has been used, or is over. The owner gives a new one.');

        return new JsonResponse(SessionController::person($user));
    }

    #[OA\Post(path: '/api/welcome/{code}', summary: 'Set a password with a code, and be signed in', tags: ['session'],
        parameters: [new OA\PathParameter(name: 'code', required: true, schema: new OA\Schema(type: 'string'))],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['password'], properties: [new OA\Property(property: 'password', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'Signed in', content: new OA\JsonContent(ref: SessionShape::class)),
            new OA\Response(response: 404, description: 'Used, over or never given', content: new OA\JsonContent(ref: ProblemShape::class)),
            new OA\Response(response: 422, description: 'Not a good one', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function begin(Request $request, string $code, SessionController $session): JsonResponse
    {
        $user = BeginnersCode::whose($code) ?? abort(404, 'This code has been used, or is over. The owner gives a new one.');
        $this->set($request, $user, NewPassword::in(SentDocument::of($request, 'password'), 'password', [$user->name, $user->username]));

        return $session->show();
    }

    /** A new password ends every session that went by the old one, and begins one here. */
    private function set(Request $request, User $user, string $password): void
    {
        $user->forceFill(['password' => $password, 'code_hash' => null, 'code_until' => null]);
        $user->endSessions();
        SecurityLog::note(SecurityEvent::PasswordSet, $user);
        Auth::login($user, remember: Device::of($request) === null);
        SessionStands::begin($request);
    }
}
