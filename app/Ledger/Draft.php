<?php

declare(strict_types=1);

namespace App\Ledger;

use DateTimeInterface;

/** What an action wants recorded. The recorder adds stream position, receipt time and everything derived. */
final class Draft
{
    private Sending $sending;

    private ?Decision $decision = null;

    /** @var array<string, mixed>|null flat, as the core reads it; null where what happened is no event of a run */
    private ?array $event = null;

    /** @param  array<string, mixed>  $data  the type's own content; canonical values only */
    public function __construct(
        public readonly string $id,
        public readonly string $type,
        public readonly string $stream,
        public readonly ?string $person,
        public readonly array $data = [],
        public readonly Concerns $concerns = new Concerns,
    ) {
        $this->sending = new Sending;
    }

    /**
     * An event of a run, or one that fits none, with what it came to.
     *
     * @param  array<string, mixed>  $event  flat, as the core reads it
     * @param  array<string, mixed>  $data  what the server adds that no event holds
     */
    public static function ofEvent(array $event, Decision $decision, string $stream, Concerns $concerns, array $data = []): self
    {
        $draft = new self(self::at($event, 'id') ?? '', self::at($event, 'type') ?? '', $stream, self::at($event, 'person'), $data, $concerns);
        [$draft->event, $draft->decision] = [$event, $decision];

        return $draft;
    }

    public function sent(Sending $sending): self
    {
        $sent = clone $this;
        $sent->sending = $sending;

        return $sent;
    }

    public function sentHash(): ?string
    {
        return $this->sending->hash;
    }

    /** @return array<string, mixed> the body without its place in the stream; what has no value is left out */
    public function content(DateTimeInterface $receivedAt, string $coreVersion): array
    {
        return array_filter([
            'format' => Entry::FORMAT,
            'stream' => $this->stream,
            'subject' => $this->concerns->subject,
            'joint' => $this->concerns->joint,
            'option' => $this->concerns->option,
            'risk_class' => $this->concerns->riskClass,
            'revision_hash' => $this->concerns->revisionHash,
            'plan_hash' => $this->concerns->planHash,
            'received_at' => $receivedAt->format('Y-m-d\TH:i:s.u\Z'),
            'event' => $this->event(),
            'data' => $this->data === [] ? null : $this->data,
            'sent_hash' => $this->sending->hash,
            'outcome' => $this->decision?->outcome,
            'rests_on' => ($this->decision->restsOn ?? []) === [] ? null : $this->decision?->restsOn,
            'simulated' => $this->decision->simulated ?? false,
            'core_version' => $coreVersion,
        ], fn (mixed $v): bool => $v !== null);
    }

    /** @return array<string, mixed> the columns beside the body: copies, for searching */
    public function columns(): array
    {
        $event = $this->event();

        return [
            'entry_id' => $this->id, 'format' => Entry::FORMAT, 'type' => $this->type, 'stream' => $this->stream,
            'subject' => $this->concerns->subject, 'step' => self::at($event, 'step'), 'person' => $this->person,
            'sitting' => self::at($event, 'sitting'), 'device' => self::at($event, 'device'), 'device_seq' => $event['device_seq'] ?? null,
            'standing' => self::at($this->decision->outcome ?? [], 'standing'),
        ];
    }

    /** @return array<string, mixed> */
    private function event(): array
    {
        return $this->event ?? array_filter([
            'type' => $this->type, 'v' => 1, 'id' => $this->id, 'person' => $this->person,
            'sitting' => $this->sending->sitting, 'device' => $this->sending->device, 'device_seq' => $this->sending->deviceSeq,
        ], fn (mixed $v): bool => $v !== null);
    }

    /** @param  array<mixed>  $object */
    private static function at(array $object, string $key): ?string
    {
        $value = $object[$key] ?? null;

        return is_string($value) ? $value : null;
    }
}
