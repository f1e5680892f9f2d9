<?php

declare(strict_types=1);

namespace App\People\Contracts;

/** One thing in somebody's hands. */
final readonly class Holding
{
    /**
     * @param  string  $what  "the main caps of TN3-26-0417, in mid-round"
     * @param  string  $how  what becomes of it, or what has to be done about it first
     * @param  bool  $passes  it goes to whoever takes over; otherwise it has to be settled before
     * @param  string  $link  where that is done; empty: nowhere
     */
    public function __construct(public string $what, public string $how, public bool $passes, public string $link = '')
    {
    }
}
