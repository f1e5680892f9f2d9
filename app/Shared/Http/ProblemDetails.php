<?php

declare(strict_types=1);

namespace App\Shared\Http;

use App\Shared\Models\Row;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** Every error of the API is problem details (RFC 9457): a stable type, a sentence to act on, and the facts. */
final class ProblemDetails
{
    private const DISK_FULL = 'The disk of the server is full. Nothing was stored; what you typed is kept. Whoever looks after the machine must make room, then try again.';

    /** Mixed collations, truncated, out of range, no such sign, too long, no such time. */
    private const NOT_TO_BE_STORED = [1267, 1264, 1265, 1292, 1366, 1406];

    /** The disk or a table is full. */
    private const NO_ROOM = [1021, 1114];

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport(Refused::class);
        // The framework's report of a failed query holds the values that were bound to it: names, hashes, readings.
        $exceptions->report(function (QueryException $e): bool {
            Log::error(sprintf('SQLSTATE %s in "%s", %s:%d', $e->getCode(), $e->getSql(), $e->getFile(), $e->getLine()));

            return false;
        });
        $exceptions->render(fn (Throwable $e, Request $request): ?JsonResponse => $request->is('api/*') ? self::of($e) : null);
    }

    private static function of(Throwable $e): JsonResponse
    {
        return match (true) {
            $e instanceof Refused => self::response($e->type, $e->getMessage(), $e->status, $e->facts),
            $e instanceof ValidationException => self::response(ProblemType::BadValue, ...ValidationFacts::of($e)),
            $e instanceof AuthenticationException => self::response(ProblemType::SignedOut, 'You are signed out. Sign in to go on; nothing was lost.', 401),
            $e instanceof AuthorizationException => self::response(ProblemType::NotAllowed, 'Your role does not allow this.', 403),
            $e instanceof TokenMismatchException => self::response(ProblemType::StalePage, 'This page is too old to be trusted. Reload it and try again.', 419),
            $e instanceof HttpExceptionInterface => self::http($e),
            $e instanceof QueryException => self::query($e),
            self::isDiskFull($e) => self::response(ProblemType::Storage, self::DISK_FULL, 503),
            default => self::response(ProblemType::Fault, 'Something went wrong on the server. Nothing was stored; the log has the cause.', 500),
        };
    }

    private static function query(QueryException $e): JsonResponse
    {
        $code = (int) ($e->errorInfo[1] ?? 0);

        return match (true) {
            in_array($code, self::NOT_TO_BE_STORED, true) => self::response(ProblemType::BadValue, 'A value of this cannot be stored as it stands: a sign, a number or a time that the record has no room for. Nothing was stored.', 422),
            in_array($code, self::NO_ROOM, true) || self::isDiskFull($e) => self::response(ProblemType::Storage, self::DISK_FULL, 503),
            default => self::response(ProblemType::Storage, 'The database could not be reached or refused the work. Nothing was stored; try again.', 503),
        };
    }

    private static function isDiskFull(Throwable $e): bool
    {
        return str_contains($e->getMessage(), 'No space left on device');
    }

    private static function http(HttpExceptionInterface $e): JsonResponse
    {
        $status = $e->getStatusCode();
        // The framework hands a stale CSRF token and a refused gate on as plain HTTP errors.
        [$type, $sentence] = match ($status) {
            419 => [ProblemType::StalePage, 'This page is too old to be trusted. Reload it and try again.'],
            403 => [ProblemType::NotAllowed, 'Your role does not allow this.'],
            404 => [ProblemType::NotFound, self::missing($e->getPrevious())],
            405 => [ProblemType::WrongMethod, 'This address cannot be used in that way.'],
            413 => [ProblemType::TooLarge, 'That is larger than 20 MB. Nothing was stored.'],
            429 => [ProblemType::TooOften, 'Too many tries. Wait a minute and try again.'],
            default => [ProblemType::OtherRefusal, 'The request could not be carried out.'],
        };

        return self::response($type, $sentence, $status);
    }

    /** What is not there, or not for this person to see: the two are told in the same words. */
    private static function missing(?Throwable $cause): string
    {
        $model = $cause instanceof ModelNotFoundException ? $cause->getModel() : '';

        return match (true) {
            $cause instanceof AuthorizationException => $cause->getMessage(),
            is_subclass_of($model, Row::class) => $model::missing(),
            default => 'There is nothing at this address.',
        };
    }

    /** @param  array<string, mixed>  $facts */
    private static function response(ProblemType $type, string $detail, int $status, array $facts = []): JsonResponse
    {
        return new JsonResponse(
            ['type' => $type->uri(), 'title' => $type->title(), 'status' => $status, 'detail' => $detail, 'request_id' => RequestId::current()] + $facts,
            $status,
            ['Content-Type' => 'application/problem+json'],
        );
    }
}
