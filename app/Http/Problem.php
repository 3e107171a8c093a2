<?php

namespace App\Http;

use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Validation\ValidationException;
use Moltrek\Core\Refusal\Refusal;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Errors as problem documents (RFC 9457): what a person typed is answered with the field, what was read and what is allowed. */
final class Problem
{
    public static function from(Throwable $error): JsonResponse
    {
        return match (true) {
            $error instanceof Refusal => self::response(422, 'This cannot be used', $error->getMessage(), $error->toArray() + ['error' => $error->toArray()]),
            $error instanceof ValidationException => self::validation($error),
            $error instanceof AuthenticationException => self::response(401, 'Sign in first', 'This needs a signed-in person.'),
            $error instanceof TokenMismatchException => self::response(419, 'The session has ended', 'Reload the page and send again.'),
            $error instanceof ModelNotFoundException => self::response(404, 'Not found', 'There is nothing here.'),
            $error instanceof HttpExceptionInterface => self::http($error),
            Outage::of($error) !== null => self::outage(Outage::of($error)),
            default => self::unforeseen($error),
        };
    }

    private static function validation(ValidationException $error): JsonResponse
    {
        $messages = $error->validator->errors();
        $field = (string) ($messages->keys()[0] ?? '');

        return self::response($error->status, 'This cannot be used', $error->getMessage(), ['field' => $field, 'message' => $messages->first($field) ?: $error->getMessage()]);
    }

    private static function http(HttpExceptionInterface $error): JsonResponse
    {
        $status = $error->getStatusCode();
        if ($status === 419) {
            return self::response(419, 'The session has ended', 'Reload the page and send again.');
        }
        $title = [403 => 'Not allowed', 404 => 'Not found', 405 => 'Not done this way', 413 => 'Too large', 429 => 'Too many tries'][$status] ?? 'This did not work';
        $detail = $status === 429 ? 'Too many tries. Wait a minute, then try again.' : ($status === 404 ? 'There is nothing here.' : ($error->getMessage() === '' ? $title.'.' : $error->getMessage()));
        $response = self::response($status, $title, $detail);
        $response->headers->add($error->getHeaders());

        return $response;
    }

    /** Nothing is lost by it: what was sent is sent again. */
    private static function outage(Outage $outage): JsonResponse
    {
        $response = self::response(503, $outage->title(), $outage->detail());
        $response->headers->set('Retry-After', (string) $outage->retryAfter());

        return $response;
    }

    private static function unforeseen(Throwable $error): JsonResponse
    {
        return self::response(500, 'A fault in Moltrek', config('app.debug') ? $error::class.': '.$error->getMessage() : 'It has been written to the log. What you typed is kept; try again.');
    }

    /** @param  array<string, mixed>  $more */
    private static function response(int $status, string $title, string $detail, array $more = []): JsonResponse
    {
        return new JsonResponse(
            ['type' => 'about:blank', 'title' => $title, 'status' => $status, 'detail' => $detail] + $more,
            $status,
            ['Content-Type' => 'application/problem+json'],
            JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE,
        );
    }
}
