<?php

declare(strict_types=1);

namespace App\People\Models;

use App\Shared\Models\Row;

/**
 * Hashes (argon2id) of what a person knows. Never in the ledger.
 *
 * @property string $person
 * @property string|null $password_hash
 * @property string|null $pin_hash
 * @property bool $pin_given it was handed out, and is good for one sign-in
 */
final class Credential extends Row
{
    protected $table = 'credentials';

    protected $primaryKey = 'person';

    /** @var array<string, string> */
    protected $casts = ['pin_given' => 'boolean'];
}
