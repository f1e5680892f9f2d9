<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Step;

/** What a redo costs, shown before it is chosen. */
final readonly class RedoCost
{
    /**
     * @param  list<string>  $positions  to be loosened
     * @param  array<string, int>  $fasteners  new ones, by type
     * @param  list<string>  $gaskets  names
     * @param  list<Step>  $lost  steps whose result no longer counts
     * @param  list<string>  $checked  positions whose fastener is checked, and may have to be new
     * @param  list<string>  $repaired  positions whose thread is repaired
     */
    public function __construct(
        public array $positions,
        public array $fasteners,
        public array $gaskets,
        public array $lost,
        public array $checked = [],
        public array $repaired = [],
    ) {
    }
}
