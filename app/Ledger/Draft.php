<?php

declare(strict_types=1);

namespace App\Ledger;

use DateTimeInterface;

/** What an action wants recorded. The recorder adds stream position, receipt time and everything derived. */
final readonly class Draft
{
    /**
     * @param  array<string, mixed>  $data  the type's own content; canonical values only
     * @param  array<string, string>  $restsOn  hashes of what a verdict rests on
     * @param  array<string, mixed>  $sent  what the device sent along: base_seq, device_time, mono_ms, skew_ms, reading …
     * @param  list<string>  $flags
     */
    public function __construct(
        public string $id,
        public string $type,
        public string $stream,
        public ?string $person,
        public array $data = [],
        public ?string $subject = null,
        public ?string $step = null,
        public ?string $sitting = null,
        public ?string $device = null,
        public ?int $deviceSeq = null,
        public ?string $sentHash = null,
        public array $sent = [],
        public ?string $standing = null,
        public ?string $standingReason = null,
        public ?string $verdict = null,
        public ?string $evidence = null,
        public ?string $reason = null,
        public ?string $revisionHash = null,
        public ?string $planHash = null,
        public array $restsOn = [],
        public array $flags = [],
        public bool $simulated = false,
    ) {
    }

    /** @return array<string, mixed> the body without its place in the stream */
    public function content(DateTimeInterface $receivedAt, string $coreVersion): array
    {
        return [
            'format' => Entry::FORMAT,
            'type' => $this->type,
            'id' => $this->id,
            'stream' => $this->stream,
            'subject' => $this->subject,
            'step' => $this->step,
            'revision_hash' => $this->revisionHash,
            'plan_hash' => $this->planHash,
            'person' => $this->person,
            'sitting' => $this->sitting,
            'device' => $this->device,
            'device_seq' => $this->deviceSeq,
            'sent' => $this->sent === [] ? null : $this->sent,
            'sent_hash' => $this->sentHash,
            'received_at' => $receivedAt->format('Y-m-d\TH:i:s.u\Z'),
            'standing' => $this->standing,
            'standing_reason' => $this->standingReason,
            'verdict' => $this->verdict,
            'evidence' => $this->evidence,
            'reason' => $this->reason,
            'rests_on' => $this->restsOn === [] ? null : $this->restsOn,
            'flags' => $this->flags,
            'simulated' => $this->simulated,
            'core_version' => $coreVersion,
            'data' => $this->data === [] ? null : $this->data,
        ];
    }
}
