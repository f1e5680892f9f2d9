<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

/** Where a result came from. Only a typed one can be a typing error. */
enum ReadingSource: string
{
    case Typed = 'typed';
    /** Copied from a job card. */
    case Transcribed = 'transcribed';
    case Tool = 'tool';
    case SimulatedTool = 'simulated_tool';
    /** A person's word; no value. */
    case Attested = 'attested';

    public function mayBeWithdrawn(): bool
    {
        return match ($this) {
            self::Typed, self::Transcribed => true,
            self::Tool, self::SimulatedTool, self::Attested => false,
        };
    }
}
