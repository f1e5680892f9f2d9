<?php

declare(strict_types=1);

namespace App\Ledger;

use DateTimeInterface;

/** What an action wants recorded. The recorder adds stream position, receipt time and everything derived. */
final class Draft
{
    private Sending $sending;

    private Decision $decision;

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
        $this->decision = new Decision;
    }

    public function sent(Sending $sending): self
    {
        $sent = clone $this;
        $sent->sending = $sending;

        return $sent;
    }

    public function decided(Decision $decision): self
    {
        $decided = clone $this;
        $decided->decision = $decision;

        return $decided;
    }

    public function sentHash(): ?string
    {
        return $this->sending->hash;
    }

    /** @return array<string, mixed> the body without its place in the stream */
    public function content(DateTimeInterface $receivedAt, string $coreVersion): array
    {
        return [
            'format' => Entry::FORMAT,
            'type' => $this->type,
            'id' => $this->id,
            'stream' => $this->stream,
            'subject' => $this->concerns->subject,
            'step' => $this->concerns->step,
            'revision_hash' => $this->concerns->revisionHash,
            'plan_hash' => $this->concerns->planHash,
            'person' => $this->person,
            'sitting' => $this->sending->sitting,
            'device' => $this->sending->device,
            'device_seq' => $this->sending->deviceSeq,
            'sent' => $this->sending->along === [] ? null : $this->sending->along,
            'sent_hash' => $this->sending->hash,
            'received_at' => $receivedAt->format('Y-m-d\TH:i:s.u\Z'),
            'standing' => $this->decision->standing,
            'standing_reason' => $this->decision->standingReason,
            'verdict' => $this->decision->verdict,
            'evidence' => $this->decision->evidence,
            'reason' => $this->decision->reason,
            'rests_on' => $this->decision->restsOn === [] ? null : $this->decision->restsOn,
            'flags' => $this->decision->flags,
            'simulated' => $this->sending->simulated,
            'core_version' => $coreVersion,
            'data' => $this->data === [] ? null : $this->data,
        ];
    }

    /** @return array<string, mixed> the columns beside the body: copies, for searching */
    public function columns(): array
    {
        return [
            'entry_id' => $this->id, 'format' => Entry::FORMAT, 'type' => $this->type, 'stream' => $this->stream,
            'subject' => $this->concerns->subject, 'step' => $this->concerns->step, 'person' => $this->person,
            'sitting' => $this->sending->sitting, 'device' => $this->sending->device, 'device_seq' => $this->sending->deviceSeq,
            'standing' => $this->decision->standing, 'verdict' => $this->decision->verdict,
        ];
    }
}
