<?php

declare(strict_types=1);

namespace App\People\Contracts;

/** The engine families that the shop has, as the library knows them. */
interface FamilyNames
{
    /** @return array<string, string> name by code, in the library's order */
    public function all(): array;
}
