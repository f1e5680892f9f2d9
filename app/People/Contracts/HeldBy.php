<?php

declare(strict_types=1);

namespace App\People\Contracts;

use App\People\Models\Person;

/** What an area knows to be in somebody's hands: it is handed over before they leave, or they do not leave. */
interface HeldBy
{
    /** @return list<Holding> */
    public function holdings(Person $person): array;

    /** Inside a transaction: what can pass to somebody else passes, each with an entry. */
    public function handOver(Person $person, Person $to, Person $by): void;
}
