<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Queries\VisibleBuilds;
use App\People\Ability;
use App\People\Models\Person;
use App\Record\Models\Subject;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;

/** Finds builds by serial number or a part of it, or by whose they are. */
final class BuildsFinder implements Findable
{
    private const MOST = 12;

    public function find(string $text): array
    {
        $person = Auth::user();
        if (! $person instanceof Person || Gate::denies(Ability::Audit->value)) {
            return [];
        }

        $found = VisibleBuilds::newest($person, self::MOST, $text);
        if ($found->isEmpty()) {
            $found = VisibleBuilds::ofCustomer($person, self::MOST, $text);
        }

        return array_values($found->map(fn (Subject $s): Found => new Found('build', $s->title(), sprintf('%s, %s', $s->state->words(), $s->ownedBy()), '/audit/'.$s->id))->all());
    }
}
