<?php

declare(strict_types=1);

namespace App\People\Http\Resources;

use App\People\Models\Person;
use App\People\Models\PersonRole;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/**
 * One of the shop's people, with the roles that were loaded with them.
 *
 * @property Person $resource
 */
final class PersonResource extends JsonResource
{
    /** @param  list<string>  $locked  ids of those whose PIN is locked for now */
    public function __construct(Person $person, private readonly array $locked)
    {
        parent::__construct($person);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'id' => $this->resource->id,
            'name' => $this->resource->displayName(),
            'badge' => $this->resource->badge,
            'roles' => $this->resource->personRoles->map(fn (PersonRole $r): string => $r->role->words())->values(),
            'pin_locked' => in_array($this->resource->id, $this->locked, true),
        ];
    }
}
