<?php

declare(strict_types=1);

namespace App\Library;

use App\Library\Models\WorkingDraft;
use App\Library\Queries\Procedures;
use App\People\Ability;
use App\People\Contracts\HeldBy;
use App\People\Contracts\Holding;
use App\People\Models\Person;
use App\Shared\Refused;

/** What somebody is writing. Whoever takes it over goes on with it; who wrote any of it still does not sign it. */
final class DraftsInHand implements HeldBy
{
    public function holdings(Person $person): array
    {
        return array_values(WorkingDraft::query()->where('author', $person->id)->orderBy('procedure')->get()
            ->map(fn (WorkingDraft $d): Holding => new Holding('the draft of '.Procedures::find($d->procedure)->title(), 'Whoever takes over goes on writing it.', true, '/library/drafts/'.$d->procedure))->all());
    }

    /** A draft is a working paper, and no entry tells of it; its writers stay its writers. */
    public function handOver(Person $person, Person $to, Person $by): void
    {
        $drafts = WorkingDraft::query()->where('author', $person->id);
        if ($drafts->exists() && ! $to->may(Ability::DraftProcedures)) {
            throw Refused::field('successor', sprintf('%s has drafts, and %s writes no procedures. Choose a lead, or throw the drafts away first.', $person->displayName(), $to->displayName()), $to->id);
        }
        $drafts->update(['author' => $to->id]);
    }
}
