<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\Card;
use App\People\Ability;
use App\Record\Models\Subject;
use App\Shared\Contracts\Need;
use App\Shared\Contracts\NeedsMe;
use App\Shared\Contracts\Urgency;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;

/** Job cards on paper that came back and are not done with. One that is out is with somebody, and waits for them. */
final class CardNeeds implements NeedsMe
{
    public function needs(): array
    {
        if (Gate::denies(Ability::HandleCards->value)) {
            return [];
        }
        $cards = Card::query()->whereIn('state', [CardState::Back->value, CardState::Typed->value])->orderBy('number')->get()
            // Nobody holds against the scan what they typed or signed themselves.
            ->reject(fn (Card $c): bool => in_array(Auth::id(), [$c->typed_by, $c->worked_by], true));
        if ($cards->isEmpty()) {
            return [];
        }
        $titles = Subject::query()->whereKey($cards->pluck('subject')->all())->get()->mapWithKeys(fn (Subject $s): array => [$s->id => $s->title()]);

        return array_values($cards->map(fn (Card $c): Need => $c->state === CardState::Typed
            ? new Need(Urgency::Next, "Card $c->number is typed in and not compared", sprintf('%s. Its values count as copied from paper; somebody else holds them against the scan.', $titles->get($c->subject)), 'Compare it', '/cards/'.$c->number)
            : new Need(Urgency::Next, "Card $c->number came back and is not typed in", sprintf('%s. A bench takes its number at the hook.', $titles->get($c->subject)), 'Look at it', '/cards/'.$c->number))->all());
    }
}
