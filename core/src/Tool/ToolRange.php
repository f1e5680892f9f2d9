<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** What a tool may be used for, from its least value to its greatest, both included. */
final readonly class ToolRange
{
    public function __construct(public Written $lowest, public Written $highest)
    {
    }

    /** "20–100 N·m" */
    public function typeset(): string
    {
        return $this->lowest->digits.'–'.$this->highest->typeset();
    }
}
