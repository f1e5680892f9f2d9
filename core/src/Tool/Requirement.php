<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Written;

/** What a stage asks of the tool that carries it out. */
final readonly class Requirement
{
    /** @param  bool  $holds  does a partner hold this torque with it while somebody else tightens? */
    public function __construct(
        public ToolKind $kind,
        public Written $target,
        public Window $window,
        public string $direction = 'clockwise',
        public ?Written $threshold = null,
        public bool $holds = false,
    ) {
    }

    /** The same, asked of a tool of another kind that measures it as well. */
    public function by(ToolKind $kind): self
    {
        return new self($kind, $this->target, $this->window, $this->direction, $this->threshold, $this->holds);
    }
}
