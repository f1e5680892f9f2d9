<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Signs out after 10 idle minutes at a bench, 60 at a desk, and after 12 hours in any case. Polls do not count as use. */
final class KeepSessionLimits
{
    private const IDLE_S = ['bench' => 600, 'desk' => 3600];

    /** The page marks requests that no hand has caused; the live group writes no session in any case. */
    private const POLL = 'X-Poll';

    private const LONGEST_S = 12 * 3600;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Auth::check()) {
            $session = $request->session();
            $now = now()->getTimestamp();
            $idle = $now - (int) $session->get('last_use', $now);
            $age = $now - (int) $session->get('signed_in_at', $now);
            if ($idle > self::IDLE_S[$session->get('kind') === 'bench' ? 'bench' : 'desk'] || $age > self::LONGEST_S) {
                Auth::logoutCurrentDevice();
                $session->invalidate();
                $session->regenerateToken();
            } elseif (! $request->hasHeader(self::POLL)) {
                $session->put('last_use', $now);
            }
        }

        return $next($request);
    }
}
