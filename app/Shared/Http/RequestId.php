<?php

declare(strict_types=1);

namespace App\Shared\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Symfony\Component\HttpFoundation\Response;

/** The number that a request has in nginx, in the application's log and in the problem that it is answered with. */
final class RequestId
{
    public const HEADER = 'X-Request-Id';

    private const KEY = 'request_id';

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $given = $request->server('REQUEST_ID');
        Context::add(self::KEY, is_string($given) && preg_match('/^[0-9a-f]{32}$/D', $given) === 1 ? $given : bin2hex(random_bytes(16)));
        $response = $next($request);
        $response->headers->set(self::HEADER, self::current());

        return $response;
    }

    public static function current(): string
    {
        $id = Context::get(self::KEY);

        return is_string($id) ? $id : '';
    }
}
