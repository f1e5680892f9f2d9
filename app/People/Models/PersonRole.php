<?php

declare(strict_types=1);

namespace App\People\Models;

use App\People\Role;
use App\Shared\Models\Row;

/**
 * @property string $person
 * @property Role $role
 */
final class PersonRole extends Row
{
    protected $table = 'person_roles';

    protected $primaryKey = 'person';

    /** @var array<string, string> */
    protected $casts = ['role' => Role::class];
}
