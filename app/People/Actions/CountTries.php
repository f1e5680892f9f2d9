<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\DB;

/**
 * Tries at a secret, a number of them each minute. Each books itself by one atomic UPDATE before the secret is looked
 * at, so that many at once cannot share a try, and what is tried is counted whether or not anybody has that name.
 */
final class CountTries
{
    public const MOST = 10;

    private const WINDOW_S = 60;

    /** @throws Refused when the tries of this minute are used up */
    public static function book(string $what, string $words): void
    {
        $now = now();
        $at = $now->format('Y-m-d H:i:s.u');
        $until = $now->addSeconds(self::WINDOW_S)->format('Y-m-d H:i:s.u');
        DB::table('sign_in_tries')->insertOrIgnore(['who' => self::key($what), 'tries' => 0, 'until' => $until]);
        $booked = DB::affectingStatement(
            'UPDATE sign_in_tries SET tries = IF(until <= ?, 1, tries + 1), until = IF(until <= ?, ?, until) WHERE who = ? AND (until <= ? OR tries < ?)',
            [$at, $at, $until, self::key($what), $at, self::MOST],
        );
        if ($booked === 0) {
            $wait = max(1, (int) ceil($now->diffInSeconds((string) DB::table('sign_in_tries')->where('who', self::key($what))->value('until'))));

            throw new Refused(ProblemType::TooOften, sprintf('Too many tries%s. Wait %d s and try again.', $words, $wait), 429);
        }
    }

    public static function forget(string $what): void
    {
        DB::table('sign_in_tries')->where('who', self::key($what))->delete();
    }

    private static function key(string $what): string
    {
        return hash('sha256', $what);
    }
}
