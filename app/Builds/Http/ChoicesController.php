<?php

declare(strict_types=1);

namespace App\Builds\Http;

use App\Library\Models\Family;
use App\People\Ability;
use App\People\Models\Customer;
use App\People\Models\Person;
use App\Record\Machining;
use Illuminate\Http\JsonResponse;
use Tekkal\Core\Schedule\SerialRule;

final class ChoicesController
{
    /** What the forms of this area offer to choose from. */
    public function __invoke(): JsonResponse
    {
        return new JsonResponse([
            'customers' => Customer::query()->get()->sortBy('name')->values()->map->only(['id', 'name']),
            'assemblers' => Person::query()->with('personRoles')->get()->filter(fn (Person $p): bool => $p->may(Ability::WorkAtBench))->sortBy('name')->values()
                ->map(fn (Person $p): array => ['id' => $p->id, 'name' => $p->displayName()]),
            'families' => Family::query()->with('variants')->orderBy('code')->get()->map(fn (Family $f): array => [
                'code' => $f->code, 'name' => $f->name, 'serials' => array_map(fn (SerialRule $r): string => $r->example(), $f->serialRules()), 'variants' => $f->variants->pluck('name')->values(), 'subassemblies' => $f->subassemblies(),
            ]),
            'machining' => array_map(fn (Machining $m): array => ['what' => $m->value, 'words' => $m->words()], Machining::cases()),
        ]);
    }
}
