<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** Lets somebody decide in the lead's place at a bench: about joints of some classes, at some hours, between two days. */
final readonly class NameDeputy
{
    public function __construct(private Recorder $recorder)
    {
    }

    /** @param  array{classes: list<string>, from_time: string, until_time: string, first_day: string, last_day: string}  $terms */
    public function __invoke(Person $person, array $terms, Person $lead, ?string $id = null): string
    {
        if ($person->badge === null) {
            throw Refused::field('person', $person->displayName().' has no badge, and nobody decides at a bench without one.');
        }
        $id ??= Ids::next();
        $classes = array_values(array_unique($terms['classes']));
        sort($classes);
        $this->recorder->transaction(fn () => $this->recorder->append(new Draft($id, 'deputy_named', 'person/'.$person->id, $lead->id, data: ['classes' => $classes] + array_diff_key($terms, ['classes' => 0]))));

        return $id;
    }
}
