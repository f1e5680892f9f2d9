<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** A typed value was withdrawn as a typing error; an out-of-window one only before a second person. */
final readonly class ReadingWithdrawn implements Event
{
    public function __construct(
        public string $reading,
        public ?string $secondPerson,
    ) {
    }
}
