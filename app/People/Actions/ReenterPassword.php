<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\People\Models\Person;
use App\People\Secret;
use App\Shared\Refused;

/** A signature is name, time, meaning and the password once more: a desk left open signs nothing. */
final class ReenterPassword
{
    /** @return string the name that is printed under what is signed */
    public function __invoke(Person $person, string $password): string
    {
        CountTries::book("sign|$person->id", '');
        if (! Secret::Password->fits($password, $person->credential?->password_hash)) {
            throw Refused::field('password', 'That is not your password. Nothing was signed; try again.');
        }
        CountTries::forget("sign|$person->id");

        return $person->displayName();
    }
}
