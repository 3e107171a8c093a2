<?php

namespace App\Http\Controllers;

use App\Http\Middleware\SessionStands;
use App\Http\SentDocument;
use App\Http\Shapes\ProblemShape;
use App\Http\Shapes\SecondFactorShape;
use App\Models\Role;
use App\Models\Shop;
use App\Models\User;
use App\Policies\SecondFactor;
use App\Upkeep\SecurityEvent;
use App\Upkeep\SecurityLog;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Moltrek\Core\Refusal\MalformedDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;

/** Everybody sets their own second factor, by the password that they sign in with. */
final class SecondFactorController
{
    #[OA\Get(path: '/api/second-factor', summary: 'Whether you sign in with a second factor', tags: ['session'], responses: [
        new OA\Response(response: 200, description: 'As it stands', content: new OA\JsonContent(ref: SecondFactorShape::class)),
    ])]
    public function show(Request $request): JsonResponse
    {
        $user = self::user($request);

        return new JsonResponse(new SecondFactorShape(
            on: SecondFactor::isOn($user),
            advised: $user->role === Role::Owner,
            codesLeft: count($user->recovery_hashes),
        ));
    }

    #[OA\Post(path: '/api/second-factor', summary: 'A secret for your telephone; it counts once a first code has confirmed it', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current'], properties: [new OA\Property(property: 'current', description: 'the password', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'The secret, once', content: new OA\JsonContent(ref: SecondFactorShape::class)),
            new OA\Response(response: 422, description: 'Not the password, or there is one already', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function propose(Request $request): JsonResponse
    {
        $user = self::user($request);
        $sent = SentDocument::of($request, 'current');
        PasswordController::refuseOther($sent, $user);
        if (SecondFactor::isOn($user)) {
            throw $sent->placed(MalformedDocument::wrongSort('a second one', 'the one that there is ended first'), 'current');
        }
        $secret = SecondFactor::propose($user);

        return new JsonResponse(new SecondFactorShape(
            on: false,
            advised: $user->role === Role::Owner,
            codesLeft: 0,
            secret: $secret,
            address: SecondFactor::address($user, $secret, Shop::shop()),
        ));
    }

    #[OA\Post(path: '/api/second-factor/confirm', summary: 'The first code: from now on one is asked for', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['code'], properties: [new OA\Property(property: 'code', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'The codes for paper, once', content: new OA\JsonContent(ref: SecondFactorShape::class)),
            new OA\Response(response: 422, description: 'Not the digits of now', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function confirm(Request $request): JsonResponse
    {
        $user = self::user($request);
        $sent = SentDocument::of($request, 'code');
        if (SecondFactor::isOn($user) || ! SecondFactor::takes($user, $sent->text('code', 20))) {
            throw $sent->placed(MalformedDocument::wrongSort('other digits', 'the six digits that your telephone shows now; its clock must be right'), 'code');
        }
        $codes = SecondFactor::begin($user);
        SecurityLog::note(SecurityEvent::SecondFactorOn, $user);

        return new JsonResponse(new SecondFactorShape(
            on: true,
            advised: $user->role === Role::Owner,
            codesLeft: count($codes),
            codes: $codes,
        ));
    }

    #[OA\Delete(path: '/api/second-factor', summary: 'No code is asked for any more', tags: ['session'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['current'], properties: [new OA\Property(property: 'current', description: 'the password', type: 'string')])),
        responses: [
            new OA\Response(response: 200, description: 'Ended', content: new OA\JsonContent(ref: SecondFactorShape::class)),
            new OA\Response(response: 422, description: 'Not the password', content: new OA\JsonContent(ref: ProblemShape::class)),
        ])]
    public function end(Request $request): JsonResponse
    {
        $user = self::user($request);
        PasswordController::refuseOther(SentDocument::of($request, 'current'), $user);
        SecondFactor::end($user);
        SecurityLog::note(SecurityEvent::SecondFactorOff, $user);

        return $this->show($request);
    }

    private static function user(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);
        if (SessionStands::isByPin($request)) {
            throw new AccessDeniedHttpException('You took the bench over by your PIN. Sign in with your password for this.');
        }

        return $user;
    }
}
