<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Record\Models\Subject;

/** Whose record answers for a joint of a build, where that is another's. */
final readonly class Cited
{
    /**
     * @param  Subject|null  $stayed  an earlier build, since the joint was not opened in this one
     * @param  Subject|null  $within  the subassembly that it is carried in
     */
    public function __construct(public ?Subject $stayed = null, public ?Subject $within = null)
    {
    }

    /** The first that stayed answers, however many builds it has stayed in since. */
    public function stayed(Subject $before): self
    {
        return new self($this->stayed ?? $before, $this->within);
    }

    public function within(Subject $subassembly): self
    {
        return new self($this->stayed, $subassembly);
    }
}
