<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Whether a run is at its end, and what stands in the way of it. */
final readonly class Closing
{
    /**
     * @param  list<string>  $doubts  what cannot be proved, as sentences
     * @param  list<string>  $blocks  what stands in the way of finishing
     */
    public function __construct(
        public bool $finished,
        public array $doubts,
        public array $blocks,
    ) {
    }
}
