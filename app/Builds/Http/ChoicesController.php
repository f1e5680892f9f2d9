<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Library\Models\Family;
use App\People\Ability;
use App\People\Models\Customer;
use App\People\Models\Person;
use Illuminate\Http\JsonResponse;

final class ChoicesController
{
    /** What the forms of this area offer to choose from. */
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'customers' => Customer::query()->get()->sortBy('name')->values()->map->only(['id', 'name']),
            'assemblers' => Person::query()->with('personRoles')->get()->filter(fn (Person $p): bool => $p->may(Ability::WorkAtBench))->sortBy('name')->values()
                ->map(fn (Person $p): array => ['id' => $p->id, 'name' => $p->displayName()]),
            'families' => Family::query()->get()->sortBy('code')->values()->map->only(['code', 'name']),
        ]);
    }
}
