<?php

declare(strict_types=1);

namespace App\People\Actions;

use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\People\Models\Absence;
use App\People\Models\Person;
use App\Shared\Ids;
use App\Shared\Refused;

/** Days on which somebody is not here. */
final readonly class EnterAbsence
{
    public function __construct(private Recorder $recorder)
    {
    }

    /**
     * @param  string  $first  YYYY-MM-DD
     * @param  string  $last  YYYY-MM-DD, included
     */
    public function enter(Person $person, string $first, string $last, Person $by): string
    {
        $id = Ids::next();
        $this->recorder->transaction(function () use ($person, $first, $last, $by, $id): void {
            $this->recorder->lock('person/'.$person->id);
            $other = Absence::query()->where('person', $person->id)->where('cancelled_at', null)->where('first_day', '<=', $last)->where('last_day', '>=', $first)->first();
            if ($other !== null) {
                throw Refused::field('first_day', sprintf('%s is away from %s to %s already.', $person->displayName(), $other->first_day->format('j M'), $other->last_day->format('j M Y')), $first);
            }
            $this->recorder->append(new Draft($id, 'absence_entered', 'person/'.$person->id, $by->id, data: ['first_day' => $first, 'last_day' => $last]));
        });

        return $id;
    }

    public function cancel(string $absence, Person $by): void
    {
        $this->recorder->transaction(function () use ($absence, $by): void {
            $away = Absence::query()->find($absence) ?? throw Refused::notFound('There is no such absence.');
            $this->recorder->lock('person/'.$away->person);
            if ($away->refresh()->cancelled_at === null) {
                $this->recorder->append(new Draft(Ids::next(), 'absence_cancelled', 'person/'.$away->person, $by->id, data: ['absence' => $absence]));
            }
        });
    }
}
