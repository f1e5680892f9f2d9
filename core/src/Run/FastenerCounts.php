<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What is counted of the fasteners, by position. */
final readonly class FastenerCounts
{
    /**
     * @param  array<string, int>  $cycles  tightenings of the fastener that is in, those of this run
     * @param  array<string, int>  $replaced
     * @param  array<string, int>  $marks
     */
    public function __construct(
        public array $cycles,
        public array $replaced,
        public array $marks,
    ) {
    }
}
