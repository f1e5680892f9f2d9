<?php

declare(strict_types=1);

namespace App\Record\Contracts;

use App\Record\StopWhat;
use Illuminate\Database\Query\Builder;

/** An area's word for what can be stopped of it: what it is called, and what was made with it. */
interface Stoppable
{
    public function what(): StopWhat;

    /** Null where there is none of that id, or of the number that people call it by. */
    public function named(string $key): ?StoppedThing;

    /** A query for the ids of the runs that were made with it. */
    public function runs(string $key): Builder;
}
