<?php

declare(strict_types=1);

namespace App\Bench\Actions;

use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\PaperFile;
use App\Library\Papers;
use App\People\Ability;
use App\People\Models\Person;
use App\People\Shop;
use App\Shared\Ids;
use App\Shared\ProblemType;
use App\Shared\Refused;

/** A card comes back with a name and a day on it, is scanned, is voided, or is lost. */
final readonly class MoveCard
{
    public const REASONS = ['not_needed', 'spoiled', 'printed_twice', 'other_revision'];

    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * One that was lost may be found again.
     *
     * @param  string  $day  on which it was worked, YYYY-MM-DD by the shop's calendar
     */
    public function back(string $number, string $workedBy, string $day, Person $by): void
    {
        $worker = Person::query()->find($workedBy);
        if ($worker === null || ! $worker->may(Ability::WorkAtBench)) {
            throw Refused::field('worked_by', 'Choose who signed it: somebody who works at a bench.', $workedBy);
        }
        $this->move($number, [CardState::Out, CardState::Lost], $by, function (Card $card) use ($worker, $day): array {
            $zone = Shop::here()->timeZone;
            [$first, $last] = [$card->printed_at->setTimezone($zone)->format('Y-m-d'), now()->setTimezone($zone)->format('Y-m-d')];
            if ($day < $first || $day > $last) {
                throw Refused::field('worked_on', sprintf('It was printed on %s and is back by %s: it was worked between those days, and not on %s.', $first, $last, $day), $day);
            }

            return ['card_came_back', ['worked_by' => $worker->id, 'worked_on' => $day]];
        });
    }

    public function scan(string $number, PaperFile $file, Person $by): void
    {
        Papers::keepScan($file->bytes);
        $this->move($number, [CardState::Back, CardState::Typing, CardState::Typed, CardState::Voided], $by, fn (): array => ['card_scanned', $file->toData()]);
    }

    /** @param  string  $reason  one of REASONS */
    public function void(string $number, string $reason, Person $by): void
    {
        $this->move($number, [CardState::Out, CardState::Back, CardState::Lost], $by, fn (): array => ['card_closed', ['state' => CardState::Voided->value, 'reason' => $reason]]);
    }

    public function lose(string $number, Person $by): void
    {
        $this->move($number, [CardState::Out], $by, fn (): array => ['card_closed', ['state' => CardState::Lost->value]]);
    }

    /**
     * @param  list<CardState>  $from
     * @param  callable(Card): array{string, array<string, mixed>}  $entry  its type and what it holds
     */
    private function move(string $number, array $from, Person $by, callable $entry): void
    {
        $this->recorder->transaction(function () use ($number, $from, $by, $entry): void {
            $this->recorder->lock(Card::stream($number));
            $card = Card::locked($number);
            if (! in_array($card->state, $from, true)) {
                throw new Refused(ProblemType::NotDone, sprintf('Card %s is %s; that can only be said of one that is %s.', $number, $card->state->words(), implode(' or ', array_map(fn (CardState $s): string => $s->words(), $from))), 409, ['field' => 'card', 'value' => $card->state->value]);
            }
            [$type, $data] = $entry($card);
            $this->recorder->append(new Draft(Ids::next(), $type, Card::stream($number), $by->id, $data, new Concerns($card->subject)));
        });
    }
}
