<?php

declare(strict_types=1);

namespace App\People\Http\Middleware;

use App\People\Actions\EndSitting;
use App\People\Http\BenchSession;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/**
 * Signs out after 60 idle minutes at a desk, and anywhere after 12 hours. An idle bench is locked instead, after 10
 * minutes: whoever has both hands in an engine comes back to the same stroke with badge and PIN. Polls do not count as use.
 * A use within ten seconds of the last that was noted is not noted again, so a limit may come that much sooner, never later.
 */
final readonly class KeepSessionLimits
{
    private const IDLE_S = ['bench' => 600, 'desk' => 3600];

    /** The page marks requests that no hand has caused; the live group writes no session in any case. */
    private const POLL = 'X-Poll';

    private const NOTED_EACH_S = 10;

    private const LONGEST_S = 12 * 3600;

    /** A locked bench still says who sits there, lets them back or somebody else in, and sends what it holds. */
    private const WHEN_LOCKED = ['api/session', 'api/session/bench', 'api/session/end', 'api/bench/observations'];

    public function __construct(private EndSitting $endSitting)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if (Auth::check()) {
            $session = $request->session();
            $now = now()->getTimestamp();
            $kind = $session->get('kind') === 'bench' ? 'bench' : 'desk';
            $idle = $now - (int) $session->get('last_use', $now) > self::IDLE_S[$kind];
            if ($now - (int) $session->get('signed_in_at', $now) > self::LONGEST_S || ($idle && $kind === 'desk')) {
                $this->signOut($request);
            } elseif ($idle) {
                $this->lock($request);
            } elseif (! $request->hasHeader(self::POLL) && $now - (int) $session->get('last_use', 0) >= self::NOTED_EACH_S) {
                $session->put('last_use', $now);
            }
        }

        return $next($request);
    }

    private function signOut(Request $request): void
    {
        $sitting = BenchSession::sitting($request);
        if ($sitting !== null) {
            ($this->endSitting)($sitting, null, EndSitting::LONGEST);
        }
        Auth::logoutCurrentDevice();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    private function lock(Request $request): void
    {
        $request->attributes->set(BenchSession::LOCKED, true);
        if ($request->is('api/*') && ! $request->is(self::WHEN_LOCKED)) {
            throw new Refused(ProblemType::Locked, 'This bench is locked: nothing was done here for ten minutes. Badge and PIN open it at the same place.', 423);
        }
    }
}
