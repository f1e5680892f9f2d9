<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use App\Shared\Refused;
use Closure;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Lets only desk sessions through. */
final class RequireDesk
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (! Auth::check()) {
            throw new AuthenticationException;
        }
        if ($request->session()->get('kind') !== 'desk') {
            throw Refused::forbidden('This belongs to a desk. Sign in with name and password.');
        }

        return $next($request);
    }
}
