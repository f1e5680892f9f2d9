<?php

declare(strict_types=1);

namespace App\Builds;

use App\Builds\Models\Assignment;
use App\Ledger\Concerns;
use App\Ledger\Draft;
use App\Ledger\Recorder;
use App\Library\Models\Joint;
use App\People\Ability;
use App\People\Contracts\HeldBy;
use App\People\Contracts\Holding;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Shared\Ids;
use App\Shared\Refused;
use Illuminate\Database\Eloquent\Collection;

/** Job cards and runs in somebody's hands. A card passes to another hook; a run that was begun is taken over at a bench, by whoever sees the metal. */
final readonly class WorkInHand implements HeldBy
{
    public function __construct(private Recorder $recorder)
    {
    }

    public function holdings(Person $person): array
    {
        $runs = Run::query()->where('person', $person->id)->whereNull('finished_at')->whereNull('opened_at')->whereIn('subject', Subject::query()->where('state', BuildState::Open->value)->select('id'))->orderBy('begun_at')->get();

        return [
            ...array_values($runs->map(fn (Run $r): Holding => new Holding(
                self::words($r->joint, $r->subject).', begun', 'Somebody takes it over at a bench, under “Open in other hands” on the hook.', false, '/builds/'.$r->subject,
            ))->all()),
            ...array_values(self::cards($person)->map(fn (Assignment $a): Holding => new Holding(self::words($a->joint, $a->subject), 'The card goes to the hook of whoever takes over.', true, '/builds/'.$a->subject))->all()),
        ];
    }

    public function handOver(Person $person, Person $to, Person $by): void
    {
        $cards = self::cards($person);
        if ($cards->isNotEmpty() && ! $to->may(Ability::WorkAtBench)) {
            throw Refused::field('successor', sprintf('%s has job cards, and %s does not work at a bench. Choose an assembler, or take the cards back first.', $person->displayName(), $to->displayName()), $to->id);
        }
        foreach ($cards as $card) {
            $this->recorder->append(new Draft(Ids::next(), 'procedure_handed', 'subject/'.$card->subject, $by->id, ['assignment' => $card->id, 'person' => $to->id], new Concerns($card->subject, joint: $card->joint, option: $card->option)));
        }
    }

    /** @return Collection<int, Assignment> not begun */
    private static function cards(Person $person): Collection
    {
        return Assignment::query()->where('person', $person->id)->where('taken_back_at', null)->where('begun_at', null)
            ->whereIn('subject', Subject::query()->where('state', BuildState::Open->value)->select('id'))->orderBy('given_at')->get();
    }

    private static function words(string $joint, string $subject): string
    {
        return sprintf('%s of %s', Joint::query()->findOrFail($joint)->name, Subject::query()->findOrFail($subject)->title());
    }
}
