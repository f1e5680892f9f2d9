<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Person;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;

/** A signature is name, time, meaning and the password once more: a desk left open signs nothing. */
final class ReenterPassword
{
    private const TRIES_A_MINUTE = 10;

    /** @return string the name that is printed under what is signed */
    public function __invoke(Person $person, string $password): string
    {
        $key = 'sign:'.$person->id;
        if (RateLimiter::tooManyAttempts($key, self::TRIES_A_MINUTE)) {
            throw new Refused(ProblemType::TooOften, sprintf('Too many tries. Wait %d s and try again.', RateLimiter::availableIn($key)), 429);
        }
        $hash = $person->credential?->password_hash;
        if ($hash === null || ! Hash::check($password, $hash)) {
            RateLimiter::hit($key, 60);

            throw Refused::field('password', 'That is not your password. Nothing was signed; try again.');
        }
        RateLimiter::clear($key);

        return $person->displayName();
    }
}
