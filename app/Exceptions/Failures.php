<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Actions\Logbook\ActionRefused;
use App\Models\UnreadableRound;
use App\Support\RefusalWords;
use GoodRinse\Core\Handbook\Compiler\InvalidHandbook;
use GoodRinse\Core\Handbook\UnknownEntry;
use GoodRinse\Core\Refusal;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;

/** Turns what goes wrong into a message that says what to do, and keeps what was typed. */
final class Failures
{
    private const MESSAGES = [404 => 'not_found', 413 => 'too_large', 419 => 'stale', 429 => 'too_many'];

    public static function explain(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Refusal::class, UnreadableRound::class]);
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password', 'photo']);
        $exceptions->render(
            static fn (UnknownEntry $e, Request $request): ?Response => $request->isMethod('GET')
                ? response()->view('errors.404', [], 404)
                : null,
        );
        $exceptions->render(
            static fn (UnreadableRound $e, Request $request): Response => self::refused(ActionRefused::roundUnreadable(), $request),
        );
        $exceptions->render(static fn (Refusal $e, Request $request): Response => self::refused($e, $request));
        $exceptions->render(
            static fn (AuthenticationException|HttpExceptionInterface $e, Request $request): ?Response => self::asJson($e, $request),
        );
        $exceptions->render(
            static fn (\PDOException|SQLiteDatabaseDoesNotExistException $e, Request $request): Response => self::noDatabase($e, $request),
        );
        $exceptions->render(static fn (InvalidHandbook $e, Request $request): Response => self::page(
            $request,
            500,
            __('failures.handbook'),
            (string) $e->problems[0],
        ));
    }

    /** What a page's script is told, in words for the person, where the framework's own are for programmers. */
    private static function asJson(\Throwable $e, Request $request): ?Response
    {
        $failure = match (true) {
            !$request->expectsJson() => null,
            $e instanceof AuthenticationException => [401, 'logged_out'],
            $e instanceof HttpExceptionInterface => [$e->getStatusCode(), self::MESSAGES[$e->getStatusCode()] ?? null],
            default => null,
        };

        return null === $failure || null === $failure[1]
            ? null
            : response()->json(['message' => trim(__("failures.$failure[1]").' '.__("failures.{$failure[1]}_advice"))], $failure[0]);
    }

    private static function refused(\Throwable $e, Request $request): Response
    {
        return $request->expectsJson()
            ? response()->json(['message' => RefusalWords::of($e)], 422)
            : self::backWith($request, RefusalWords::of($e), 422);
    }

    private static function noDatabase(\Throwable $e, Request $request): Response
    {
        if (!self::isOutOfReach($e)) {
            return self::page($request, 500, __('failures.broken'), __('failures.broken_advice'));
        }
        $key = match (true) {
            str_contains($e->getMessage(), 'locked') => 'locked',
            str_contains($e->getMessage(), 'disk is full') => 'full',
            str_contains($e->getMessage(), 'readonly') => 'readonly',
            default => 'missing',
        };
        [$message, $advice] = [(string) __("failures.$key"), (string) __("failures.{$key}_advice")];
        if ('missing' !== $key && !$request->isMethod('GET') && !$request->expectsJson()) {
            return self::backWith($request, "$message $advice", 503);
        }

        return self::page($request, 503, $message, $advice);
    }

    private static function isOutOfReach(\Throwable $e): bool
    {
        foreach ([
            'locked',
            'does not exist',
            'unable to open',
            'no such table',
            'readonly',
            'disk is full',
            'disk I/O',
            'not a database',
            'malformed',
        ] as $sign) {
            if (str_contains($e->getMessage(), $sign)) {
                return true;
            }
        }

        return false;
    }

    /** Back to the form with everything that was typed; where there is no form to go back to, a page of its own. */
    private static function backWith(Request $request, string $message, int $status): Response
    {
        if (!$request->hasSession() || null === $request->session()->previousUrl() && null === $request->headers->get('referer')) {
            return self::page($request, $status, $message, '');
        }

        return redirect()->back(fallback: '/')
            ->withInput($request->except(['password', 'password_confirmation', 'photo']))
            ->withErrors(['did' => $message]);
    }

    private static function page(Request $request, int $status, string $message, string $advice): Response
    {
        return $request->expectsJson()
            ? response()->json(['message' => trim("$message $advice")], $status)
            : response()->view('errors.plain', ['status' => $status, 'message' => $message, 'advice' => $advice], $status);
    }
}
