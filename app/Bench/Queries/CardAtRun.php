<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Models\Card;
use App\People\Models\Person;
use Tekkal\Core\Run\RunFold;

/** The job card that a run was last typed in from: whose hand is on it, and where somebody found that it says otherwise. */
final class CardAtRun
{
    /** @return array<string, mixed>|null */
    public static function of(string $run, RunFold $fold): ?array
    {
        $card = Card::query()->where('run', $run);
        $card->getQuery()->orderByDesc('number');
        $last = $card->first();
        if ($last === null) {
            return null;
        }
        $waiting = CardLines::waiting($fold, $last->number);
        $differ = CardLines::differing($fold, $last);

        return [
            'number' => $last->number, 'worked_by' => Person::query()->find($last->worked_by)?->displayName() ?? '', 'worked_on' => $last->worked_on?->format('Y-m-d') ?? '',
            'differ' => array_map(fn (string $step): array => ['step' => $step, 'reading' => $waiting[$step], 'says' => ucfirst($fold->names->step($fold->plan->step($step))), 'typed' => $fold->state->live($step)?->given->value?->typeset() ?? ''], $differ),
        ];
    }
}
