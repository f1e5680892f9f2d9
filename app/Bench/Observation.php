<?php

declare(strict_types=1);

namespace App\Bench;

/** Something a bench saw, as it sent it: a reading, a fastener backed off, or what stands for one that could not be read. */
final readonly class Observation
{
    public const UNREADABLE = 'observation_unreadable';

    /**
     * @param  string  $hash  of what was sent, but for the device's count
     * @param  ObservedAt|null  $at  null for what stands for one that could not be read
     * @param  ObservedReading|null  $reading  null where no value was read
     */
    public function __construct(
        public string $id,
        public string $hash,
        public SentStamp $stamp,
        public ?ObservedAt $at,
        public ?ObservedReading $reading,
        public ?Unread $unread,
    ) {
    }
}
