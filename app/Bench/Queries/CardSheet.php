<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\Actions\BeginPaper;
use App\Bench\CardState;
use App\Bench\Models\Card;
use App\Bench\RunContext;
use App\Builds\Models\Assignment;
use App\Builds\Models\RunProgress;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\RevisionState;
use App\People\Ability;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Illuminate\Support\Collection;

/**
 * Job cards on paper as the desk sees them: where each is, what is wrong with it, and what was typed in from one.
 *
 * @phpstan-type CardFacts array{subjects: Collection<array-key, Subject>, joints: Collection<array-key, string>, letters: Collection<array-key, string>, states: Collection<array-key, RevisionStatus>, people: Collection<array-key, Person>, jobs: Collection<array-key, Assignment>, runs: Collection<array-key, Run>, seqs: Collection<array-key, int>}
 */
final class CardSheet
{
    private const MOST = 200;

    /** @return list<array<string, mixed>> the newest first; those that somebody still has to see to before the rest */
    public static function list(?string $build = null): array
    {
        $cards = Card::query();
        $build === null ? null : $cards->where('subject', $build);
        $cards->getQuery()->orderByDesc('printed_at')->limit(self::MOST);
        $all = $cards->get();
        $facts = self::factsOf($all);

        return array_values($all->sortBy(fn (Card $c): int => $c->state->isOpen() ? 0 : 1)->map(fn (Card $c): array => self::told($c, $facts))->all());
    }

    /** @return array<string, mixed> */
    public static function of(Card $card): array
    {
        $run = $card->run === null ? null : RunContext::get($card->run);
        $workers = Person::query()->get()->filter(fn (Person $p): bool => $p->may(Ability::WorkAtBench));

        return [
            ...self::told($card, self::factsOf(new Collection([$card]))), 'differ' => $run === null ? [] : CardLines::differing($run->fold, $card),
            'lines' => $run === null ? [] : (new CardLines($run->fold, $card->number))->toArray(),
            'workers' => $workers->map(fn (Person $p): array => ['id' => $p->id, 'name' => $p->displayName()])->values()->all(),
            'given_to' => Assignment::query()->find($card->assignment)?->person,
            'run_finished' => $run?->run->finished_at !== null,
        ];
    }

    /** @return array<string, list<array<string, mixed>>> those of an engine by joint, as an audit names them */
    public static function byJoint(string $subject): array
    {
        $cards = Card::query()->where('subject', $subject)->get()->sortBy('number');
        $people = Person::query()->whereKey($cards->flatMap(fn (Card $c): array => [$c->worked_by, $c->compared_by])->filter()->unique()->all())->get()->keyBy('id');
        $by = [];
        foreach ($cards as $card) {
            $by[$card->joint][] = [
                'number' => $card->number, 'says' => $card->state->words(), 'worked_by' => $people->get($card->worked_by ?? '')?->displayName(), 'worked_on' => $card->worked_on?->format('Y-m-d'),
                'compared_by' => $people->get($card->compared_by ?? '')?->displayName(), 'scan' => $card->scan !== null,
            ];
        }

        return $by;
    }

    /** @return array<string, mixed> what a bench is told of a card that was scanned there */
    public static function atBench(Card $card): array
    {
        $told = self::told($card, self::factsOf(new Collection([$card])));
        $job = Assignment::query()->find($card->assignment);
        $run = Run::query()->where('assignment', $card->assignment)->first();

        return array_intersect_key($told, array_flip(['number', 'serial', 'joint', 'hardware', 'revision', 'worked_by', 'worked_on', 'flags'])) + [
            'assignment' => $card->assignment, 'run' => $run?->id, 'holder' => $run === null ? null : ['person' => $run->person, 'device' => $run->device],
            'why_not' => $job?->taken_back_at !== null ? 'The lead has taken this job back.' : ($run?->finished_at !== null ? 'This job is finished.' : BeginPaper::whyNot($card)),
        ];
    }

    /**
     * @param  Collection<int, Card>  $cards
     * @return CardFacts
     */
    private static function factsOf(Collection $cards): array
    {
        $people = $cards->flatMap(fn (Card $c): array => [$c->printed_by, $c->worked_by, $c->typed_by, $c->compared_by])->filter()->unique();
        $jobs = Assignment::query()->whereKey($cards->pluck('assignment')->unique()->all())->get()->keyBy('id');
        $runs = Run::query()->whereIn('assignment', $cards->pluck('assignment')->all())->get()->keyBy('assignment');
        $revisions = $cards->pluck('revision')->concat($jobs->pluck('revision'))->unique()->all();

        return [
            'subjects' => Subject::query()->whereKey($cards->pluck('subject')->unique()->all())->get()->keyBy('id'),
            'joints' => Joint::query()->whereKey($cards->pluck('joint')->unique()->all())->pluck('name', 'id'),
            'letters' => StoredRevision::query()->whereKey($revisions)->pluck('letter', 'id'),
            'states' => RevisionStatus::query()->whereKey($revisions)->get()->keyBy('revision'),
            'people' => Person::query()->whereKey($people->all())->get()->keyBy('id'),
            'jobs' => $jobs, 'runs' => $runs, 'seqs' => RunProgress::query()->whereIn('run', $runs->pluck('id'))->pluck('seq', 'run'),
        ];
    }

    /**
     * @param  CardFacts  $facts
     * @return array<string, mixed>
     */
    private static function told(Card $card, array $facts): array
    {
        $name = fn (?string $person): ?string => $person === null ? null : $facts['people']->get($person)?->displayName();

        return [
            'number' => $card->number, 'build' => $card->subject, 'serial' => $facts['subjects']->get($card->subject)?->title() ?? '', 'joint' => $facts['joints']->get($card->joint) ?? '',
            'assignment' => $card->assignment, 'hardware' => $card->option, 'revision' => $facts['letters']->get($card->revision) ?? '', 'state' => $card->state->value, 'says' => $card->state->words(),
            'printed_at' => $card->printed_at->toIso8601ZuluString(), 'printed_by' => $name($card->printed_by),
            'worked_by' => $name($card->worked_by), 'worked_on' => $card->worked_on?->format('Y-m-d'), 'typed_by' => $name($card->typed_by),
            'compared_by' => $name($card->compared_by), 'compared_at' => $card->compared_at?->toIso8601ZuluString(), 'reason' => $card->reason,
            'scan' => $card->scan === null ? null : $card->scan_type, 'differ' => array_keys($card->differing()), 'flags' => self::flags($card, $facts),
        ];
    }

    /**
     * What came after it, and it does not know of.
     *
     * @param  CardFacts  $facts
     * @return list<string>
     */
    private static function flags(Card $card, array $facts): array
    {
        if (! in_array($card->state, [CardState::Out, CardState::Back, CardState::Lost], true)) {
            return [];
        }
        $job = $facts['jobs']->get($card->assignment);
        $run = $facts['runs']->get($card->assignment);
        $goesBy = $run->revision ?? $job?->revision;

        return array_values(array_filter([
            $card->superseded_by === null ? null : "Superseded by card $card->superseded_by, which was printed for the same job.",
            $job?->taken_back_at === null ? null : 'The job was taken back.',
            $goesBy === $card->revision ? null : sprintf('Superseded: it was printed by revision %s, and the job goes by %s now.', $facts['letters']->get($card->revision) ?? '', $facts['letters']->get((string) $goesBy) ?? ''),
            $facts['states']->get($card->revision)?->state === RevisionState::Withdrawn ? 'Its revision was withdrawn.' : null,
            $run !== null && $facts['seqs']->get($run->id) > $card->at_seq ? 'The job went on at a bench after it was printed.' : null,
        ]));
    }
}
