<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\AskedValue;
use App\People\Ability;
use App\People\Shop;
use App\Record\BuildState;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\Gate;

/** Values that benches wait for: who does not get one will guess it. */
final class AskedNeeds implements NeedsMe
{
    public function needs(): array
    {
        if (Gate::denies(Ability::GiveWork->value)) {
            return [];
        }
        $asked = AskedValue::query()->join('subjects', 'subjects.id', '=', 'asked_values.subject')->leftJoin('people', 'people.id', '=', 'asked_values.person')
            ->whereNull('asked_values.answer')->where('subjects.state', BuildState::Open->value)->orderBy('asked_values.asked_at')
            ->get(['asked_values.*', 'subjects.serial', 'subjects.build_number', 'subjects.subassembly', 'people.name as asker_name']);

        return array_values($asked->map(function (AskedValue $a): Need {
            $of = $a->getAttributes();

            return new Need(
                Urgency::StandsStill, sprintf('%s: a value is asked for', Subject::titled((string) $of['serial'], (int) $of['build_number'], (string) $of['subassembly'])),
                sprintf('“%s” – %s, since %s.', $a->says, $of['asker_name'] ?? 'somebody', self::when($a)), 'Answer it', '/builds/'.$a->subject,
            );
        })->all());
    }

    private static function when(AskedValue $asked): string
    {
        $at = Shop::here()->clock($asked->asked_at);

        return $at->format($at->isSameDay(Shop::here()->clock(now()->toImmutable())) ? 'H:i' : 'j F, H:i');
    }
}
