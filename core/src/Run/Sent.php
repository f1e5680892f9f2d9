<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;

/** What an event brings of its way here: the run it names, the device's counts, what stood on the screen, what the server measured. */
final readonly class Sent
{
    public const KEYS = ['run', 'subject', 'sitting', 'device_seq', 'base_seq', 'device_time', 'skew_ms', 'partner', 'shown', 'bundle', 'device_says', 'reason_hash'];

    public ?string $run;

    public ?string $subject;

    public ?string $sitting;

    public ?int $deviceSeq;

    /** Number of the last event that the device had seen when this happened. */
    public ?int $baseSeq;

    public ?DateTimeImmutable $deviceTime;

    /** To be added to the device's time, ms. */
    public ?int $skewMs;

    public ?string $partner;

    /** The number, unit, setting, hardware and sentence that stood on the screen. */
    public ?Shown $shown;

    /** Hash of the core that ran beside the screen. */
    public ?string $bundle;

    /** What that core had decided. */
    public ?DeviceSays $deviceSays;

    /** Of the words that lie beside the record. */
    public ?string $reasonHash;

    public function __construct(Body $body = new Body([]))
    {
        [$this->run, $this->subject, $this->sitting] = [$body->optionalKey('run'), $body->optionalKey('subject'), $body->optionalKey('sitting')];
        [$this->deviceSeq, $this->baseSeq] = [$body->optionalCount('device_seq', 1), $body->optionalCount('base_seq')];
        [$this->deviceTime, $this->skewMs] = [$body->optionalTime('device_time'), $body->optionalCount('skew_ms', PHP_INT_MIN)];
        [$this->partner, $this->bundle, $this->reasonHash] = [$body->optionalKey('partner'), $body->optionalKey('bundle'), $body->optionalKey('reason_hash')];
        [$shown, $says] = [$body->optionalObject('shown'), $body->optionalObject('device_says')];
        $this->shown = $shown === null ? null : Shown::fromBody($shown);
        $this->deviceSays = $says === null ? null : DeviceSays::fromBody($says);
    }

    public static function fromBody(Body $body): self
    {
        return new self($body);
    }

    /** @return array<string, mixed> */
    public function toBody(): array
    {
        return array_filter([
            'run' => $this->run, 'subject' => $this->subject, 'sitting' => $this->sitting, 'device_seq' => $this->deviceSeq, 'base_seq' => $this->baseSeq,
            'device_time' => $this->deviceTime?->format('Y-m-d\TH:i:s.u\Z'), 'skew_ms' => $this->skewMs, 'partner' => $this->partner,
            'shown' => $this->shown?->toBody(), 'bundle' => $this->bundle, 'device_says' => $this->deviceSays?->toBody(), 'reason_hash' => $this->reasonHash,
        ], fn (mixed $v): bool => $v !== null);
    }
}
