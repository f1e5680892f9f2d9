<?php

declare(strict_types=1);

namespace App\Bench;

use App\Bench\Models\Card;
use App\People\Ability;
use App\Shared\Contracts\Findable;
use App\Shared\Contracts\Found;
use Illuminate\Support\Facades\Gate;

/** Finds a job card on paper by its number, typed or scanned. */
final class CardsFinder implements Findable
{
    public function find(string $text): array
    {
        if (Gate::denies(Ability::HandleCards->value)) {
            return [];
        }
        // Numbers of cards are written in ASCII, and are compared with nothing else.
        $card = mb_check_encoding($text, 'ASCII') ? Card::query()->find(strtoupper($text)) : null;

        return $card === null ? [] : [new Found('card', "Card $card->number", $card->state->words(), '/cards/'.$card->number)];
    }
}
