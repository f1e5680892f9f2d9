<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Models\Card;
use App\Crib\Models\ToolRow;
use App\People\Models\Person;
use Illuminate\Support\Collection;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\PaperBook;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\Watched;

/** What was typed in from a card and stands, in the order in which it is done: as a person reads it beside the card. */
final readonly class CardLines
{
    /** @var Collection<array-key, string> codes by id */
    private Collection $tools;

    public function __construct(private RunFold $run, private string $card)
    {
        $this->tools = ToolRow::query()->pluck('code', 'id');
    }

    /** @return array<string, string> the event that gave it, by step; what somebody else has compared already is left out */
    public static function waiting(RunFold $run, string $card): array
    {
        $waiting = [];
        foreach ($run->paper->uncompared() as $step) {
            $live = $run->state->factAt($step, PaperBook::COPIED) === $card ? $run->state->live($step) : null;
            $waiting += $live === null ? [] : [$step => (string) $live->id()];
        }

        return $waiting;
    }

    /** @return list<string> steps at which the card was found to say otherwise; what was typed anew since is no longer what was found to differ */
    public static function differing(RunFold $run, Card $card): array
    {
        return array_keys(array_intersect_assoc($card->differing(), self::waiting($run, $card->number)));
    }

    /** @return list<array{step: string, says: string, typed: string, with: string, good: bool, word: string, compared_by: string|null}> */
    public function toArray(): array
    {
        $lines = [];
        $names = Person::query()->whereKey(array_unique($this->run->state->facts(PaperBook::COMPARED)))->get()->keyBy('id');
        foreach ($this->run->plan->steps as $step) {
            $live = $this->run->state->factAt($step->id, PaperBook::COPIED) === $this->card ? $this->run->state->live($step->id) : null;
            if ($live !== null) {
                $by = $this->run->state->factAt($step->id, PaperBook::COMPARED);
                $lines[] = $this->line($step, $live) + ['compared_by' => $by === null ? null : $names->get($by)?->displayName()];
            }
        }

        return $lines;
    }

    /** @return array{step: string, says: string, typed: string, with: string, good: bool, word: string} */
    private function line(Step $step, Attempt $live): array
    {
        $given = $live->given;
        $watched = array_map(fn (Watched $w): string => "{$w->what->words()} {$w->value->typeset()}", $given->watched);

        return [
            'step' => $step->id, 'says' => ucfirst($this->run->names->step($step)),
            'typed' => implode(', ', [$given->value?->typeset() ?? self::ticked($step, $live), ...$watched]),
            'with' => implode(', set to ', array_filter([$this->tools->get($given->tool ?? ''), $given->setting?->typeset()])),
            'good' => $live->judgement->verdict->isGood(), 'word' => $live->judgement->verdict->word(),
        ];
    }

    /** What a tick stands for. */
    private static function ticked(Step $step, Attempt $live): string
    {
        return match (true) {
            $live->given->setting !== null => 'clicked',
            $step->kind->tightens() => 'done',
            default => $live->judgement->verdict->word(),
        };
    }
}
