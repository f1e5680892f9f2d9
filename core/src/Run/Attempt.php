<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Unit\Written;
use UnexpectedValueException;

/** One try at a step, judged. It stays in the record whatever comes after it. */
final readonly class Attempt
{
    public int $number;

    public Judgement $judgement;

    public Given $given;

    public bool $outOfSequence;

    /** @param  int  $seq  of the entry that gave it */
    public function __construct(
        public Stood $stood,
        public Stamp $stamp,
        public int $seq,
        public AttemptStatus $status = AttemptStatus::Live,
    ) {
        [$this->number, $this->judgement, $this->given, $this->outOfSequence] = [$stood->attempt, $stood->judged->judgement, $stood->given, $stood->early];
    }

    public function becoming(AttemptStatus $status): self
    {
        return new self($this->stood, $this->stamp, $this->seq, $status);
    }

    /** Does a step stand well on it? */
    public function holds(): bool
    {
        return $this->stood->judged->status() === StepStatus::Done;
    }

    /** The id of the event that gave it. One event can give several steps a result: a reading is named by id and step. */
    public function id(): string
    {
        return $this->stamp->id ?? '';
    }

    public function person(): string
    {
        return $this->stamp->person;
    }

    public function at(): DateTimeImmutable
    {
        return $this->stamp->at;
    }

    /** As the tool showed it, or as it was set; null where neither is known. */
    public function shown(): ?Written
    {
        return $this->given->value ?? $this->given->setting;
    }

    /** @throws UnexpectedValueException when somebody's word was given, and no value */
    public function measured(): Written
    {
        return $this->given->value ?? throw new UnexpectedValueException(sprintf('No value was given at %s.', $this->stood->step));
    }
}
