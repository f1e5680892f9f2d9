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
    /** @param  array<string, mixed>  $beside  secrets, skills and absences, as the sheet knows them */
    public function __construct(Person $person, private readonly array $beside)
    {
        parent::__construct($person);
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return $this->beside + [
            'id' => $this->resource->id,
            'name' => $this->resource->displayName(),
            'sign_in_name' => $this->resource->sign_in_name,
            'badge' => $this->resource->badge,
            'customer' => $this->resource->customer,
            'shift' => $this->resource->shift,
            'left_at' => $this->resource->left_at?->toIso8601ZuluString(),
            'roles' => $this->resource->personRoles->map(fn (PersonRole $r): string => $r->role->value)->values(),
        ];
    }
}
