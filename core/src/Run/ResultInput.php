<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Unit\Written;
use UnexpectedValueException;

/** What was given at a step in one try: a value, or a person's word. */
final readonly class ResultInput
{
    public string $person;

    public DateTimeImmutable $at;

    public function __construct(
        public string $id,
        public string $step,
        public ?Written $value,
        public ReadingSource $source,
        public ?string $tool,
        public Stamp $stamp,
    ) {
        $this->person = $stamp->person;
        $this->at = $stamp->at;
    }

    /** @throws UnexpectedValueException when somebody's word was given, and no value */
    public function measured(): Written
    {
        return $this->value ?? throw new UnexpectedValueException(sprintf('No value was given at %s.', $this->step));
    }

    public static function reading(ReadingTaken $event): self
    {
        return new self($event->id, $event->step, $event->value, $event->source, $event->tool, $event->stamp);
    }

    public static function word(string $id, string $step, ?string $tool, Stamp $stamp, ?Written $value = null): self
    {
        return new self($id, $step, $value, ReadingSource::Attested, $tool, $stamp);
    }
}
