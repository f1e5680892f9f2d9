<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use DateTimeImmutable;

/** Who, at which device, when. $monoMs counts monotonically within one $clock: one start of the device's page. $id is the event's own. */
final readonly class Stamp
{
    public function __construct(
        public string $person,
        public string $device,
        public DateTimeImmutable $at,
        public ?int $monoMs = null,
        public ?string $clock = null,
        public ?string $id = null,
    ) {
    }

    /** Durations use the monotonic count; where two stamps do not share one, only the wall clock is left, which proves nothing. */
    public function since(self $earlier): Elapsed
    {
        if ($this->clock !== null && $this->clock === $earlier->clock && $this->device === $earlier->device && $this->monoMs !== null && $earlier->monoMs !== null) {
            return new Elapsed(intdiv(max(0, $this->monoMs - $earlier->monoMs), 1000), true);
        }

        return new Elapsed(max(0, $this->at->getTimestamp() - $earlier->at->getTimestamp()), false);
    }
}
