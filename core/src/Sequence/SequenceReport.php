<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\Unit\Length;

/** What was found in an order of tightening. */
final readonly class SequenceReport
{
    /**
     * @param  list<string>  $missing  positions left out
     * @param  list<string>  $twice  positions named more than once
     * @param  list<string>  $strange  names that are no position
     * @param  list<array{string, string}>  $neighbours  side by side and one after the other, where they need not be
     * @param  list<array{string, string}>  $natural  the same, where no order could avoid it or practice begins so
     * @param  Length  $wander  how far the centre of the tightened set strays from the joint's centre
     */
    public function __construct(
        public array $missing,
        public array $twice,
        public array $strange,
        public array $neighbours,
        public array $natural,
        public bool $centreOut,
        public Length $wander,
    ) {
    }

    public function isPermutation(): bool
    {
        return $this->missing === [] && $this->twice === [] && $this->strange === [];
    }

    /** @return list<string> sentences; empty when there is nothing to say */
    public function faults(): array
    {
        return array_values(array_filter([
            $this->missing === [] ? '' : 'Left out: '.implode(', ', $this->missing).'.',
            $this->twice === [] ? '' : 'More than once: '.implode(', ', $this->twice).'.',
            $this->strange === [] ? '' : 'Not on the map: '.implode(', ', $this->strange).'.',
            $this->neighbours === [] ? '' : 'Neighbours one after the other: '.implode(', ', array_map(fn (array $p): string => "$p[0]–$p[1]", $this->neighbours)).'.',
        ]));
    }
}
