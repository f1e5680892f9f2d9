<?php

declare(strict_types=1);

namespace Tekkal\Core\Run\Event;

/** Something that happened in a run. A closed set: every event is one of the classes beside this one. */
interface Event
{
}
