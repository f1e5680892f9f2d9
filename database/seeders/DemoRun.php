<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\People\Models\Person;

final readonly class DemoRun
{
    /** @param  array<string, string>  $tools tool code by quantity */
    public function __construct(
        public string $id,
        public string $sitting,
        public Person $person,
        public array $tools,
    ) {
    }
}
