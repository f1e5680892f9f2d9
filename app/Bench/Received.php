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
        return $this->observation->stamp->deviceTime->modify(sprintf('%+d milliseconds', $this->skewMs));
    }

    /** As byItsClock(), never later than now. */
    public function takenAt(): DateTimeImmutable
    {
        return min($this->byItsClock(), now()->toDateTimeImmutable());
    }

    public function takenAtText(): string
    {
        return $this->takenAt()->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.u\Z');
    }

    public function sending(): Sending
    {
        $o = $this->observation;

        return new Sending($this->sitting->id, $this->sitting->device, $o->stamp->deviceSeq, $o->hash, [
            'base_seq' => $o->stamp->baseSeq, 'device_time' => $o->stamp->deviceTime->format('Y-m-d\TH:i:s.uP'), 'mono_ms' => $o->stamp->monoMs, 'skew_ms' => $this->skewMs,
        ], $o->reading?->isSimulated() ?? false);
    }
}
