<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** The run went on at another device, or in another person's hands. */
final readonly class RunTakenOver implements Event
{
    public function __construct(
        public string $person,
        public string $device,
    ) {
    }
}
