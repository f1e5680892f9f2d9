<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Bench\Queries\CardLines;
use App\Bench\RunContext;
use App\Builds\RunFolds;
use App\Ledger\Concerns;
use App\Ledger\Decision;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Record\Queries\RunHistory;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\Surroundings;

/** Somebody else than the one who typed it holds what was typed against the card, line by line, and says which differ. */
final readonly class CompareCard
{
    public function __construct(private Recorder $recorder, private RunFolds $folds)
    {
    }

    /** @param  list<string>  $differ  steps at which the card says otherwise; all others are as it has them */
    public function __invoke(string $number, array $differ, Person $by): void
    {
        $this->recorder->transaction(function () use ($number, $differ, $by): void {
            $this->recorder->lock(Card::stream($number));
            $run = (string) Card::get($number)->run;
            $seq = $run === '' ? 1 : $this->recorder->lock(RunHistory::stream($run));
            $card = Card::locked($number);
            self::canBeCompared($card);
            $context = RunContext::get($run);
            $waiting = CardLines::waiting($context->fold, $number);
            $unknown = array_diff($differ, array_keys($waiting));
            if ($unknown !== []) {
                throw Refused::field('differ', 'Nothing that was typed in from this card and still has to be compared stands there.', implode(', ', $unknown));
            }
            $this->says($context, array_values(array_unique(array_diff_key($waiting, array_flip($differ)))), $by, $seq);
            $this->recorder->append(new Draft(Ids::next(), 'card_compared', Card::stream($number), $by->id, ['differ' => array_map(fn (string $step): string => "$step {$waiting[$step]}", $differ)], new Concerns($card->subject)));
        });
    }

    /** @param  list<string>  $readings */
    private function says(RunContext $context, array $readings, Person $by, int $seq): void
    {
        if ($readings === []) {
            return;
        }
        $event = ['type' => 'transcript_compared', 'v' => 1, 'id' => Ids::next(), 'person' => $by->id, 'taken_at' => now()->utc()->format('Y-m-d\TH:i:s.u\Z'), 'readings' => $readings];
        $this->folds->keep($context->run->id, $context->fold);
        $outcome = $context->fold->decide(EventTypes::read($event), new Surroundings($seq));
        if (! $outcome->isApplied()) {
            throw $outcome->reason === SetAsideReason::OwnWork
                ? Refused::forbidden('Whoever typed it in does not compare it. Ask somebody else.')
                : new Refused(ProblemType::NotDone, $outcome->reason?->sentence() ?? 'It cannot be compared now.', 409);
        }
        $this->recorder->append(Draft::ofEvent($event, new Decision($outcome->toBody()), RunHistory::stream($context->run->id), $context->concerns()));
    }

    private static function canBeCompared(Card $card): void
    {
        $why = match (true) {
            $card->state !== CardState::Typed => "Card $card->number is {$card->state->words()}; it is compared once it is typed in.",
            $card->scan === null => "Card $card->number has no scan yet. Attach it first: whoever asks later looks at it, and not at what was typed.",
            default => null,
        };
        if ($why !== null) {
            throw new Refused(ProblemType::NotDone, $why, 409, ['field' => $card->scan === null ? 'scan' : 'card', 'value' => $card->state->value]);
        }
    }
}
