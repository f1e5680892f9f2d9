<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Plan\Step;

enum StepStatus: string
{
    case ToDo = 'to_do';
    /** Some strokes of a ratcheted angle are on. */
    case UnderWay = 'under_way';
    case Stopped = 'stopped';
    /** Nobody can prove it: it has to be undone. */
    case Unknown = 'unknown';
    case Deferred = 'deferred';
    case Done = 'done';
    /** A repeat of a verification pass, or coming back to a leg, that nothing has called for. */
    case NotNeeded = 'not_needed';

    /** As a step is before anything was done: a repeat is needed once something has moved, coming back once one has left. */
    public static function initial(Step $step): self
    {
        return $step->isConditional() ? self::NotNeeded : self::ToDo;
    }

    public function isOpen(): bool
    {
        return match ($this) {
            self::Done, self::NotNeeded => false,
            self::ToDo, self::UnderWay, self::Stopped, self::Unknown, self::Deferred => true,
        };
    }
}
