<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** What a redo costs, shown before it is chosen. */
final readonly class RedoCost
{
    /**
     * @param  list<string>  $positions  to be loosened
     * @param  array<string, int>  $fasteners  new ones, by type
     * @param  list<string>  $gaskets  names
     * @param  int  $results  recorded results that no longer count
     */
    public function __construct(
        public array $positions,
        public array $fasteners,
        public array $gaskets,
        public int $results,
    ) {
    }

    public function sentence(): string
    {
        $costs = [];
        foreach ($this->fasteners as $type => $count) {
            $costs[] = "$count new $type";
        }
        $costs = [...$costs, ...array_map(fn (string $g): string => "1 new $g", $this->gaskets)];

        return sprintf('%d %s loosened, %d %s lost; %s.',
            count($this->positions), count($this->positions) === 1 ? 'position' : 'positions',
            $this->results, $this->results === 1 ? 'result' : 'results',
            $costs === [] ? 'no new parts' : implode(', ', $costs));
    }
}
