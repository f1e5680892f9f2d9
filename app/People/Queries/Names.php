<?php

declare(strict_types=1);

namespace App\People\Queries;

use App\People\Models\Person;
use App\Shared\Refused;

/** What somebody signs in with belongs to nobody else: held under the lock of the register of people. */
final class Names
{
    /** Every change of who may do what, and of what one signs in with, waits here for the one before it. */
    public const REGISTER = 'register/people';

    /**
     * @param  array{sign_in_name?: string|null, badge?: string|null}  $wished
     *
     * @throws Refused when one of them is somebody else's
     */
    public static function areFree(array $wished, ?string $for = null): void
    {
        foreach (['sign_in_name' => 'The sign-in name %s is %s’s. Choose another.', 'badge' => 'Badge %s is %s’s. Two people never share one: give another, or take it from them first.'] as $field => $sentence) {
            $value = $wished[$field] ?? null;
            $has = $value === null ? null : Person::query()->where($field, $value)->first();
            if ($has !== null && $has->id !== $for) {
                throw Refused::field($field, sprintf($sentence, $value, $has->displayName()), $value);
            }
        }
    }
}
