<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Unit\Written;

/** What a tool may be used for, from its least value to its greatest, both included. */
final readonly class ToolRange
{
    /** @throws ToolException when the ends measure different things, or the lower lies above the upper */
    public function __construct(public Written $lowest, public Written $highest)
    {
        if ($lowest->unit->kind() !== $highest->unit->kind() || $lowest->isGreaterThan($highest)) {
            throw new ToolException(sprintf('A range goes from its least value up to its greatest; this one goes from %s to %s.', $lowest->typeset(), $highest->typeset()), 'range', $lowest->typeset().' to '.$highest->typeset(), 'the least value first');
        }
    }

    /** "20–100 N·m" */
    public function typeset(): string
    {
        return $this->lowest->digits.'–'.$this->highest->typeset();
    }
}
