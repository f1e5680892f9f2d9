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

    public function sentence(): string
    {
        $costs = [];
        foreach ($this->fasteners as $type => $count) {
            $costs[] = "$count new $type";
        }
        $costs = [...$costs, ...array_map(fn (string $g): string => "1 new $g", $this->gaskets)];
        $lost = count($this->lost);

        return sprintf('%d %s loosened, %d %s lost; %s.',
            count($this->positions), count($this->positions) === 1 ? 'position' : 'positions',
            $lost, $lost === 1 ? 'result' : 'results',
            $costs === [] ? 'no new parts' : implode(', ', $costs));
    }
}
