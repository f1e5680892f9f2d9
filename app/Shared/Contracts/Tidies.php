<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** Clears away what of an area's working papers nobody needs any more; asked every hour. */
interface Tidies
{
    public function tidy(): void;
}
