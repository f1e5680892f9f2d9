<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** The assembler closed the run with every step done. */
final readonly class RunFinished implements Event
{
}
