<?php

declare(strict_types=1);

namespace App\Shared\Contracts;

/** What an area wants of a shop that has just begun. Each step can wait; it is asked for under Today until it is done. */
interface FirstSteps
{
    /** @return list<FirstStep> */
    public function steps(): array;
}
