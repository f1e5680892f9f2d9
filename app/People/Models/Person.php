<?php

declare(strict_types=1);

namespace App\People\Models;

use App\People\Ability;
use App\People\Role;
use App\Shared\Models\Row;
use Carbon\CarbonImmutable;
use Illuminate\Auth\Authenticatable as AuthenticatableTrait;
use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * Somebody who signs in. The record knows people by id only; a name can be blanked.
 *
 * @property string $id
 * @property string|null $name
 * @property string|null $sign_in_name
 * @property string|null $badge
 * @property string|null $customer set for a reader who may see one customer's engines only
 * @property string|null $shift by its name
 * @property CarbonImmutable|null $left_at
 * @property-read Credential|null $credential
 */
final class Person extends Row implements Authenticatable
{
    use AuthenticatableTrait;

    protected $table = 'people';

    /** @var array<string, string> */
    protected $casts = ['left_at' => 'immutable_datetime'];

    /** @var list<Role>|null */
    private ?array $roles = null;

    /** @return HasOne<Credential, $this> */
    public function credential(): HasOne
    {
        return $this->hasOne(Credential::class, 'person', 'id');
    }

    /** @return HasMany<PersonRole, $this> */
    public function personRoles(): HasMany
    {
        return $this->hasMany(PersonRole::class, 'person', 'id');
    }

    /** @return list<Role> */
    public function roles(): array
    {
        return $this->roles ??= array_values($this->loadMissing('personRoles')->personRoles->map(fn (PersonRole $r): Role => $r->role)->all());
    }

    public function may(Ability $ability): bool
    {
        foreach ($this->roles() as $role) {
            if (in_array($ability, $role->abilities(), true)) {
                return true;
            }
        }

        return false;
    }

    public function displayName(): string
    {
        return $this->name ?? Customer::BLANKED;
    }

    public function getAuthPassword(): string
    {
        return ''; // hashes stay in Credential; the session needs none
    }

    public function getRememberTokenName(): string
    {
        return ''; // nobody is remembered on a shared machine
    }

    public static function missing(): string
    {
        return 'There is no such person.';
    }
}
