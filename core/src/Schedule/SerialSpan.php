<?php

declare(strict_types=1);

namespace Tekkal\Core\Schedule;

/**
 * From one serial number to another, as a maker's sheet prints it for a variant. Numbers count by what they are worth and
 * not by how many digits they are written with; letters by the alphabet. Common practice, no source.
 */
final readonly class SerialSpan
{
    /** @param  string  $from  included; empty: from the first @param  string  $to  included; empty: to the last */
    public function __construct(public string $from, public string $to)
    {
    }

    /** Does it begin or end anywhere? One that does not says of no number that it is in it. */
    public function isSaid(): bool
    {
        return $this->from !== '' || $this->to !== '';
    }

    public function contains(string $serial): bool
    {
        return $this->isSaid()
            && ($this->from === '' || strnatcmp($this->from, $serial) <= 0)
            && ($this->to === '' || strnatcmp($serial, $this->to) <= 0);
    }
}
