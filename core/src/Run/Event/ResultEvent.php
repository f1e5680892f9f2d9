<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

use Tekkal\Core\Run\Stamp;

/** An event that gives a step its result, or a part of it. */
abstract readonly class ResultEvent extends Event
{
    public function __construct(Stamp $stamp, public string $step)
    {
        parent::__construct($stamp);
    }
}
