<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;

/** Who, at which device, when. $monoMs counts monotonically within one $clock: one start of the device's page. $id is the event's own. */
final readonly class Stamp
{
    /** The keys of an event that are its stamp. */
    public const KEYS = ['id', 'person', 'device', 'taken_at', 'mono_ms', 'clock', ...Sent::KEYS];

    /** The clock of what was copied from paper. */
    private const PAPER = 'paper';

    /** @param  string|null  $device  null at the desk */
    public function __construct(
        public string $person,
        public ?string $device,
        public DateTimeImmutable $at,
        public ?int $monoMs = null,
        public ?string $clock = null,
        public ?string $id = null,
        public Sent $sent = new Sent,
    ) {
    }

    /** @throws UnreadableBody when a key does not hold what it must */
    public static function fromBody(Body $body): self
    {
        return new self(
            $body->key('person'), $body->optionalKey('device'), $body->time('taken_at'), $body->optionalCount('mono_ms'),
            $body->optionalKey('clock'), $body->optionalKey('id'), Sent::fromBody($body),
        );
    }

    /** Without what it brought of its way here. @throws UnreadableBody when a key does not hold what it must */
    public static function bareOf(Body $body): self
    {
        return new self($body->key('person'), $body->optionalKey('device'), $body->time('taken_at'), $body->optionalCount('mono_ms'), $body->optionalKey('clock'), $body->optionalKey('id'));
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return array_filter([
            'id' => $this->id, 'person' => $this->person, 'device' => $this->device, 'taken_at' => $this->at->format('Y-m-d\TH:i:s.u\Z'),
            'mono_ms' => $this->monoMs, 'clock' => $this->clock,
        ], fn (mixed $v): bool => $v !== null) + $this->sent->toBody();
    }

    /** Who, where and when, without what it brought of its way here. */
    public function bare(): self
    {
        return new self($this->person, $this->device, $this->at, $this->monoMs, $this->clock, $this->id);
    }

    /** Of what was copied from paper: when it was typed says nothing of when it was done. */
    public function fromPaper(): self
    {
        return new self($this->person, $this->device, $this->at, null, self::PAPER, $this->id, $this->sent);
    }

    public function isFromPaper(): bool
    {
        return $this->clock === self::PAPER;
    }

    /** Durations use the monotonic count; where two stamps do not share one, only the wall clock is left, which proves nothing. Null where one of them is of something copied from paper. */
    public function since(self $earlier): ?Elapsed
    {
        if ($this->isFromPaper() || $earlier->isFromPaper()) {
            return null;
        }
        if ($this->clock !== null && $this->clock === $earlier->clock && $this->device === $earlier->device && $this->monoMs !== null && $earlier->monoMs !== null) {
            return new Elapsed(intdiv(max(0, $this->monoMs - $earlier->monoMs), 1000), true);
        }

        return new Elapsed(max(0, $this->at->getTimestamp() - $earlier->at->getTimestamp()), false);
    }
}
