<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** What an area offers to the one scan field. It shows each person only what they may see. */
interface Findable
{
    /** @return list<Found> */
    public function find(string $text): array;
}
