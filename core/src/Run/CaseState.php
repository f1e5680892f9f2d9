<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\FaultExtent;
use Tekkal\Core\Document\FaultRule;

/** A fault as it stands in its run: what of it is done, whether somebody decided, and how it ended. */
final readonly class CaseState
{
    public Fault $fault;

    public string $step;

    public FaultRule $rule;

    public string $sentence;

    public bool $mayGoOn;

    public bool $leadDecides;

    /**
     * @param  int  $seq  of the entry that opened it
     * @param  list<Duty>  $duties  all of them, those added later too
     * @param  array<int, true>  $done  numbers of those that are done
     */
    private function __construct(
        public FaultCase $case,
        public int $seq,
        public Stamp $stamp,
        public array $duties,
        private array $done,
        public ?Disposition $disposition,
        public ?CaseEnd $end,
    ) {
        [$this->fault, $this->step, $this->rule, $this->sentence] = [$case->fault, $case->step, $case->ruling->rule, $case->ruling->says];
        $this->mayGoOn = $this->rule->mayGoOn;
        $this->leadDecides = ! $case->isDecided() && $disposition === null;
    }

    public static function opened(FaultCase $case, int $seq, Stamp $stamp): self
    {
        return new self($case, $seq, $stamp, $case->duties, [], null, null);
    }

    public static function fromBody(Body $body): self
    {
        return new self(
            FaultCase::fromBody($body->object('opened')), $body->count('seq'), Stamp::bareOf($body->object('by')), array_map(Duty::fromBody(...), $body->objects('duties')),
            array_fill_keys($body->counts('done'), true), $body->optionalWord('disposition', Disposition::class), $body->optionalWord('end', CaseEnd::class),
        );
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return array_filter([
            'opened' => $this->case->toBody(), 'seq' => $this->seq, 'by' => $this->stamp->toBody(), 'duties' => array_map(fn (Duty $d): array => $d->toBody(), $this->duties),
            'done' => array_keys($this->done), 'disposition' => $this->disposition?->value, 'end' => $this->end?->value,
        ], fn (mixed $v): bool => $v !== null && $v !== []);
    }

    /** @param  list<Duty>  $more */
    public function asking(array $more): self
    {
        return new self($this->case, $this->seq, $this->stamp, [...$this->duties, ...$more], $this->done, $this->disposition, $this->end);
    }

    public function having(int $done): self
    {
        return new self($this->case, $this->seq, $this->stamp, $this->duties, $this->done + [$done => true], $this->disposition, $this->end);
    }

    public function decided(Disposition $disposition): self
    {
        return new self($this->case, $this->seq, $this->stamp, $this->duties, $this->done, $disposition, $this->end);
    }

    public function closed(CaseEnd $end): self
    {
        return new self($this->case, $this->seq, $this->stamp, $this->duties, $this->done, $this->disposition, $end);
    }

    public function isOpen(): bool
    {
        return $this->end === null;
    }

    /** Was it opened at another device, or the desk, after what this one had seen? */
    public function isNewsTo(Stamp $by): bool
    {
        return $by->device !== $this->stamp->device && $by->sent->baseSeq !== null && $this->seq > $by->sent->baseSeq;
    }

    /** @return list<Duty> what is still to be done, in the order of the remedies */
    public function toDo(): array
    {
        return $this->end !== null ? [] : array_values(array_filter($this->duties, fn (Duty $d): bool => ! isset($this->done[$d->number])));
    }

    /** What is still to be done of this kind at a position; null when nothing is. */
    public function dutyAt(string $position, DutyKind $kind): ?Duty
    {
        foreach ($this->duties as $duty) {
            if ($duty->at === $position && $duty->do === $kind && $this->end === null && ! isset($this->done[$duty->number])) {
                return $duty;
            }
        }

        return null;
    }

    /** Is anything still to be done there? */
    public function asksOf(string $position): bool
    {
        foreach ($this->duties as $duty) {
            if ($duty->at === $position && $this->end === null && ! isset($this->done[$duty->number])) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> positions at which one of these is still to be done */
    public function positionsFor(DutyKind ...$kinds): array
    {
        $positions = [];
        foreach ($this->toDo() as $duty) {
            if (in_array($duty->do, $kinds, true)) {
                $positions[$duty->at] = true;
            }
        }

        return array_map(strval(...), array_keys($positions));
    }

    /** Is it about a check, or something that is waited for, and not about a fastener? */
    public function isOfCheck(): bool
    {
        return in_array($this->fault, [Fault::CheckFailed, Fault::CheckReopened, Fault::CheckBetween], true);
    }

    /** Is it a check that failed, whose own way back loosens one after the other until it holds? */
    public function isTracing(): bool
    {
        return $this->fault === Fault::CheckFailed && array_filter($this->duties, fn (Duty $d): bool => $d->do === DutyKind::Loosen) !== [];
    }

    /** Does it stand for several positions, each for itself? Then what becomes of one says nothing of another. */
    public function standsForEach(): bool
    {
        return $this->rule->reach === FaultExtent::Round || in_array($this->fault, [Fault::PulledAside, Fault::TimePassed], true);
    }

    /** Does the next of its kind go in here? */
    public function joins(): bool
    {
        return $this->case->joins !== null;
    }

    /** Does it stop what it asks something of, and nothing else? */
    public function holdsOnlyItsPositions(): bool
    {
        return in_array($this->fault, [Fault::PulledAside, Fault::CheckReopened, Fault::TookReaction], true);
    }

    /** May a position be done again before the next of the round is loosened, so that the joint is never open? */
    public function isDoneOneByOne(string $position): bool
    {
        return $this->rule->reach === FaultExtent::Round && ! $this->leadDecides && $this->asked($position, DutyKind::Loosen) && ! $this->asksOf($position);
    }

    /** Has this been asked of a position, done or not? */
    public function asked(string $position, DutyKind $kind): bool
    {
        return array_filter($this->duties, fn (Duty $d): bool => $d->at === $position && $d->do === $kind) !== [];
    }

    /** @return list<string> every position that it asks or asked something of */
    public function positions(): array
    {
        return array_values(array_unique(array_map(fn (Duty $d): string => $d->at, $this->duties)));
    }
}
