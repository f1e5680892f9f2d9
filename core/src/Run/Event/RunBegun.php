<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** An assembler began the run at a device. */
final readonly class RunBegun implements Event
{
    public function __construct(
        public string $person,
        public string $device,
    ) {
    }
}
