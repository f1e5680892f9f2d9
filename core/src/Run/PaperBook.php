<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\FactIs;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Event\RoundAttested;
use Tekkal\Core\Run\Event\TranscriptCompared;

/**
 * What was worked on a job card and is typed in later. A value read and written down is known less well than one typed while
 * the tool still showed it, and says so for ever; when it was done nobody can prove; and somebody else compares it with the card.
 */
final readonly class PaperBook
{
    /** The fact of the joint while a card is typed in; its value is the number of the card. */
    public const CARD = 'card';

    /** The fact of a step whose result was copied; its value is the number of the card. */
    public const COPIED = 'copied';

    /** The fact of such a step once somebody else has compared it with the card; its value is who. */
    public const COMPARED = 'compared';

    private const WHOLE = 'joint';

    public function __construct(private Plan $plan, private State $state)
    {
    }

    /** The number of the card that is typed in now; null where what is seen here is seen live. */
    public function card(): ?string
    {
        return $this->state->factAt(self::WHOLE, self::CARD);
    }

    /** The card that an event was copied from; null where it was seen live. */
    public function cardOf(ResultEvent|RoundAttested $event): ?string
    {
        return $this->card() ?? ($event instanceof ReadingTaken && $event->source === ReadingSource::Transcribed ? $event->card ?? 'a card' : null);
    }

    /** When an event happened, as far as durations may rest on it: what is copied has no clock. */
    public function clockOf(Stamp $stamp): Stamp
    {
        return $this->card() === null ? $stamp : $stamp->fromPaper();
    }

    /** The same, copied: no better known than that. */
    public static function copied(Judged $judged): Judged
    {
        $is = $judged->judgement;

        return new Judged(new Judgement($is->verdict, $is->evidence->weaker(EvidenceGrade::Transcribed), $is->reason), $judged->value, $judged->window, $judged->windowOf, $judged->target, $judged->cause);
    }

    /** @return list<Effect> what a new result at a step makes of where the last one came from */
    public function stood(string $step, ?string $card): array
    {
        return array_merge($this->becomes($step, self::COPIED, $card), $this->becomes($step, self::COMPARED, null));
    }

    /** @return list<string> steps whose result was copied and that nobody has compared with the card, in the order of the plan */
    public function uncompared(): array
    {
        $left = array_filter($this->copiedSteps(), fn (string $step): bool => $this->state->factAt($step, self::COMPARED) === null);

        return array_values($left);
    }

    /** @return list<string> numbers of the cards that results of this run were copied from */
    public function cards(): array
    {
        return array_values(array_unique(array_map(fn (string $step): string => (string) $this->state->factAt($step, self::COPIED), $this->copiedSteps())));
    }

    /** "card C-0007", "cards C-0007 and C-0009" */
    public function cardsInWords(): string
    {
        $cards = $this->cards();

        return (count($cards) === 1 ? 'card ' : 'cards ').implode(' and ', $cards);
    }

    /** @return SetAsideReason|list<Effect> */
    public function begin(string $card): SetAsideReason|array
    {
        return $this->card() === null ? [new FactIs(self::WHOLE, self::CARD, $card)] : SetAsideReason::CardOpen;
    }

    /** @return list<Effect> none where no card was taken up */
    public function end(): array
    {
        return $this->card() === null ? [] : [new FactIs(self::WHOLE, self::CARD, null)];
    }

    /** @return SetAsideReason|non-empty-list<Effect> */
    public function compare(TranscriptCompared $event): SetAsideReason|array
    {
        $effects = [];
        foreach ($this->uncompared() as $step) {
            $live = $this->state->live($step);
            if ($live === null || ! in_array($live->id(), $event->readings, true)) {
                continue;
            }
            if ($live->person() === $event->stamp->person) {
                return SetAsideReason::OwnWork;
            }
            $effects[] = new FactIs($step, self::COMPARED, $event->stamp->person);
        }

        return $effects === [] ? SetAsideReason::NothingToCompare : $effects;
    }

    /** @return list<string> */
    private function copiedSteps(): array
    {
        $copied = $this->state->facts(self::COPIED);

        return $copied === [] ? [] : array_values(array_filter(array_column($this->plan->steps, 'id'), fn (string $step): bool => isset($copied[$step]) && $this->state->live($step) !== null));
    }

    /** @return list<Effect> */
    private function becomes(string $step, string $fact, ?string $value): array
    {
        return $this->state->factAt($step, $fact) === $value ? [] : [new FactIs($step, $fact, $value)];
    }
}
