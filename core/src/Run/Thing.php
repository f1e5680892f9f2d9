<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** A bolt, thread, gasket, agent … at its place: which one it is there, how it is, and how often it was loaded. */
final readonly class Thing
{
    /**
     * @param  int  $number  the first there, or the one that came after it
     * @param  int  $count  tightenings that reached the loading stage; for a gasket, times it was crushed
     */
    public function __construct(
        public string $at,
        public ThingKind $thing,
        public int $number,
        public ThingState $is,
        public int $count = 0,
        public ThingNotes $notes = new ThingNotes,
    ) {
    }

    public function being(ThingState $is, ?int $count = null): self
    {
        return new self($this->at, $this->thing, $this->number, $is, $count ?? $this->count, $this->notes);
    }

    public function spent(string $why): self
    {
        return new self($this->at, $this->thing, $this->number, $this->is, $this->count, new ThingNotes($this->notes->set, $why, $this->notes->kind, $this->notes->lot, $this->notes->accepted));
    }

    /** What it is known by: an agent or aid by what it is, since several may be at one place. */
    public function register(): string
    {
        return $this->thing->value.($this->thing === ThingKind::Agent || $this->thing === ThingKind::Aid ? ':'.$this->notes->kind : '');
    }

    public static function fromBody(Body $body): self
    {
        $body->holdsOnly('do', 'at', 'thing', 'number', 'is', 'count', ...ThingNotes::KEYS);

        return new self($body->key('at'), $body->word('thing', ThingKind::class), $body->count('number', 1), $body->word('is', ThingState::class), $body->count('count'), ThingNotes::fromBody($body));
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return ['at' => $this->at, 'thing' => $this->thing->value, 'number' => $this->number, 'is' => $this->is->value, 'count' => $this->count] + $this->notes->toBody();
    }
}
