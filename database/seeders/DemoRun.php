<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\People\Models\Person;

final readonly class DemoRun
{
    /**
     * @param  list<string>  $tools  codes of those that are taken where they may be
     * @param  bool  $wholeRounds  are rounds pulled whole and counted, where that may be?
     */
    public function __construct(
        public string $id,
        public string $sitting,
        public Person $person,
        public array $tools,
        public bool $wholeRounds,
    ) {
    }
}
