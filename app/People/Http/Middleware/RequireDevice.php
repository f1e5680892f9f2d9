<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use App\People\Http\BenchSession;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets only enrolled benches through, signed in or not. */
final class RequireDevice
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $request->attributes->set('device', BenchSession::requireDevice($request));

        return $next($request);
    }
}
