<?php

declare(strict_types=1);

namespace App\Bench;

use DateTimeImmutable;

/** What every observation brings of its bench: who was sitting there, its count, what it had seen, and its clocks. */
final readonly class SentStamp
{
    /** @param  bool  $afterIdle  the bench had locked itself, and somebody went on while no PIN could be checked */
    public function __construct(
        public string $sitting,
        public int $deviceSeq,
        public int $baseSeq,
        public DateTimeImmutable $deviceTime,
        public int $monoMs,
        public bool $afterIdle,
    ) {
    }
}
