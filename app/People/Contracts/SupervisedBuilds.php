<?php

declare(strict_types=1);

namespace App\People\Contracts;

use App\People\Models\Skill;

/** What was done under a supervisor, as the record of the runs has it. */
interface SupervisedBuilds
{
    /**
     * @param  list<Skill>  $learning
     * @return array<string, list<string>> engines by their serials, by skill: finished since the skill was put down, signed by both
     */
    public function of(array $learning): array;
}
