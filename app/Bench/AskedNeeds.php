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
        $asked = AskedValue::query()->with(['of', 'asker'])->whereNull('answer')->whereIn('subject', Subject::query()->where('state', BuildState::Open->value)->select('id'))->orderBy('asked_at')->get();

        return array_values($asked->map(fn (AskedValue $a): Need => new Need(
            Urgency::StandsStill, sprintf('%s: a value is asked for', $a->of?->title()), sprintf('“%s” – %s, since %s.', $a->says, $a->asker?->displayName() ?? 'somebody', self::when($a)), 'Answer it', '/builds/'.$a->subject,
        ))->all());
    }

    private static function when(AskedValue $asked): string
    {
        $at = Shop::here()->clock($asked->asked_at);

        return $at->format($at->isSameDay(Shop::here()->clock(now()->toImmutable())) ? 'H:i' : 'j F, H:i');
    }
}
