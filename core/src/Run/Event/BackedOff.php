<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** The fastener was backed off after a step that stopped short or went over; its redo is a new attempt. */
final readonly class BackedOff implements Event
{
    public function __construct(
        public string $step,
        public string $device,
    ) {
    }
}
