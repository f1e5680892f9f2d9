<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use App\People\Http\BenchSession;
use App\Shared\Refused;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets only bench sessions through, of a sitting that goes on at this very bench. */
final class RequireBench
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! Auth::check()) {
            throw new AuthenticationException;
        }
        if ($request->session()->get('kind') !== 'bench') {
            throw Refused::forbidden('This belongs to a bench. Sign in there with badge and PIN.');
        }
        BenchSession::requireSitting($request);

        return $next($request);
    }
}
