<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\Found;

/** All that a decision may ask beside the run itself, fetched before: what the server knows of tool, people and time. */
final readonly class Surroundings
{
    /**
     * @param  int|null  $seq  number of the entry that it will be; null: the next
     * @param  SetAsideReason|null  $aside  why it cannot belong to this run
     * @param  list<Found>  $found  what somebody should look at, whatever it comes to
     * @param  ReadingSource|null  $source  where the value came from, where that is known better than the bench says
     * @param  string|null  $tool  what people call the tool that the event names
     * @param  Beginning  $beginning  when a run begins: what is known of it
     */
    public function __construct(
        public ?int $seq = null,
        public ?SetAsideReason $aside = null,
        public array $found = [],
        public ?ReadingSource $source = null,
        public ?string $tool = null,
        public Beginning $beginning = new Beginning,
    ) {
    }

    /** The same of an entry with this number. */
    public function at(int $seq): self
    {
        return new self($seq, $this->aside, $this->found, $this->source, $this->tool, $this->beginning);
    }
}
