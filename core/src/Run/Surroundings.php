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
     * @param  array<string, string>  $windowOf  when a run begins: the source of the windows, by its key in the document, of a stage or of single steps
     * @param  array<string, string>  $stamped  when a run begins: what teardown had read at the steps that read it again
     * @param  string|null  $riskClass  when a run begins: how much hangs on the joint
     */
    public function __construct(
        public ?int $seq = null,
        public ?SetAsideReason $aside = null,
        public array $found = [],
        public ?ReadingSource $source = null,
        public ?string $tool = null,
        public array $windowOf = [],
        public array $stamped = [],
        public ?string $riskClass = null,
    ) {
    }

    /** The same of an entry with this number. */
    public function at(int $seq): self
    {
        return new self($seq, $this->aside, $this->found, $this->source, $this->tool, $this->windowOf, $this->stamped, $this->riskClass);
    }
}
