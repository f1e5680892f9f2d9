<?php

declare(strict_types=1);

namespace App\Bench;

use App\Ledger\Sending;
use App\People\Models\Sitting;
use DateTimeImmutable;
use DateTimeZone;

/** An observation as it came in: from which sitting, and how far the bench's clock was off. */
final readonly class Received
{
    /** @param  int  $skewMs  to be added to the device's time, ms */
    public function __construct(
        public Observation $observation,
        public Sitting $sitting,
        public int $skewMs,
    ) {
    }

    /** The device's time put right by the measured skew. */
    public function byItsClock(): DateTimeImmutable
    {
        return $this->observation->deviceTime()->modify(sprintf('%+d milliseconds', $this->skewMs));
    }

    /** As byItsClock(), never later than now. */
    public function takenAt(): DateTimeImmutable
    {
        return min($this->byItsClock(), now()->toDateTimeImmutable())->setTimezone(new DateTimeZone('UTC'));
    }

    /**
     * The event as it is recorded: as it was sent, and what the server knows of it.
     *
     * @param  string|null  $partner  who was helping
     * @param  string|null  $reasonHash  of the free words that came with it
     * @return array<string, mixed>
     */
    public function event(?string $partner, ?string $reasonHash): array
    {
        return array_filter([
            'person' => $this->sitting->person, 'device' => $this->sitting->device, 'partner' => $partner,
            'skew_ms' => $this->skewMs, 'taken_at' => $this->takenAt()->format('Y-m-d\TH:i:s.u\Z'), 'reason_hash' => $reasonHash,
        ], fn (mixed $v): bool => $v !== null) + $this->observation->event;
    }

    public function sending(): Sending
    {
        return new Sending($this->sitting->id, $this->sitting->device, $this->observation->deviceSeq, $this->observation->hash);
    }
}
