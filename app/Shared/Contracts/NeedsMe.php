<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** What an area has that waits for whoever is signed in. Nothing that they cannot settle. */
interface NeedsMe
{
    /** @return list<Need> */
    public function needs(): array;
}
