<?php

declare(strict_types=1);

namespace App\People;

use App\People\Models\Device;
use App\People\Models\PersonRole;
use App\Shared\Contracts\FirstStep;
use App\Shared\Contracts\FirstSteps;
use Tekkal\Core\Unit\UnitNames;

/** Who has to be there before the work begins. */
final class PeopleFirstSteps implements FirstSteps
{
    public function steps(): array
    {
        $is = fn (Role $role): bool => PersonRole::query()->where('role', $role->value)->exists();

        return [
            new FirstStep('code', 1, 'The code from the terminal', 'used once, on this machine', true, ''),
            new FirstStep('shop', 2, 'The shop', sprintf('%s; %s and %s', Shop::here()->timeZone, UnitNames::fromCode(Shop::here()->torqueUnit)->symbol(), Shop::here()->lengthUnit), true, '/people/shop'),
            new FirstStep('signs', 3, 'Who leads and who signs', 'nobody approves what they wrote', $is(Role::Approver), '/people?add=approver'),
            new FirstStep('people', 6, 'People and badges', 'who works at a bench, each with a badge', $is(Role::Assembler), '/people?add=assembler'),
            new FirstStep('bench', 8, 'A bench', 'the browser at which they sign in', Device::query()->where('revoked_at', null)->exists(), '/people/benches'),
        ];
    }
}
