<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\Assignment;
use App\Library\Models\Joint;
use App\Library\Models\Procedure;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Procedures;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\PaintMarks;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\StepStatus;

/**
 * Engines as strips of their joints in assembly order, each with its map and the marks that are on it. What many builds
 * of one list share is read once.
 */
final class JointStrip
{
    /** @var array<string, array<string, mixed>> maps by revision */
    private array $maps = [];

    /** @var array<string, array<string, mixed>> how a revision is told, by its id */
    private array $revisions = [];

    /** @var array<string, list<array{revision: string, face: array<string, mixed>}>> what is in force, by joint */
    private array $options = [];

    /** @var Collection<string, Person> */
    private Collection $people;

    /** @return list<array<string, mixed>> */
    public function of(Subject $subject): array
    {
        return $this->ofAll(collect([$subject]))[$subject->id];
    }

    /**
     * @param  Collection<int, Subject>  $subjects
     * @return array<string, list<array<string, mixed>>> by build
     */
    public function ofAll(Collection $subjects): array
    {
        $ids = $subjects->pluck('id');
        $given = Assignment::query()->whereIn('subject', $ids)->where('taken_back_at', null)->get();
        $runs = Run::query()->whereIn('subject', $ids)->get()->keyBy('assignment');
        $joints = Joint::query()->whereIn('family', $subjects->pluck('family')->unique())->get()->sortBy('assembly_order')->groupBy('family');
        $this->people = Person::query()->findMany($given->pluck('person')->merge($runs->pluck('person'))->unique()->all())->keyBy('id');
        $strips = [];
        foreach ($subjects as $subject) {
            $its = $given->where('subject', $subject->id)->keyBy('joint');
            $strips[$subject->id] = array_values($joints->get($subject->family, collect())
                ->map(fn (Joint $joint): array => $this->joint($joint, $its->get($joint->id), $runs))->all());
        }

        return $strips;
    }

    /**
     * @param  Collection<string, Run>  $runs
     * @return array<string, mixed>
     */
    private function joint(Joint $joint, ?Assignment $given, Collection $runs): array
    {
        $options = $this->options[$joint->id] ??= self::inForce($joint);
        $revision = $given->revision ?? $options[0]['revision'] ?? null;
        $run = $given === null ? null : $runs->get($given->id);

        return [
            'id' => $joint->id,
            'name' => $joint->name,
            'map' => $revision === null ? null : $this->maps[$revision] ??= MapSketch::of(Procedures::document($revision)),
            'revision' => $revision === null ? null : $this->revisions[$revision] ??= self::told($revision),
            'options' => array_column($options, 'face'),
            'given' => $given === null ? null : ['id' => $given->id, 'person' => $this->named($given->person), 'at' => $given->given_at->toIso8601ZuluString()],
            'run' => $run === null ? null : $this->run($run),
        ];
    }

    /** @return list<array{revision: string, face: array<string, mixed>}> */
    private static function inForce(Joint $joint): array
    {
        $states = Procedures::allInForce($joint->id, CarbonImmutable::now());
        $options = Procedure::query()->findMany($states->pluck('procedure')->all())->pluck('option', 'id');

        return array_values($states->map(fn (RevisionStatus $s): array => [
            'revision' => $s->revision,
            'face' => ['procedure' => $s->procedure, 'option' => $options[$s->procedure], 'letter' => $s->letter, 'at_bench' => $s->at_bench],
        ])->all());
    }

    /** @return array<string, mixed> */
    private static function told(string $revision): array
    {
        $line = Procedures::revision($revision)->tighteningLine();

        return ['id' => $revision, 'letter' => StoredRevision::query()->findOrFail($revision)->letter, 'line' => $line->typeset(), 'rounds' => $line->rounds()];
    }

    private function named(string $person): ?string
    {
        return $this->people->get($person)?->displayName();
    }

    /** @return array<string, mixed> */
    private function run(Run $run): array
    {
        $plan = Procedures::plan($run->plan_hash);

        return ['id' => $run->id, 'person' => $this->named($run->person)] + self::progress(RunHistory::fold($run->id, $plan)->freeze(), $plan);
    }

    /** @return array<string, mixed> */
    public static function progress(RunState $state, Plan $plan): array
    {
        return [
            'done' => count(array_filter($plan->steps, fn ($s): bool => $state->status($s->id) === StepStatus::Done)),
            'all' => count($plan->steps),
            'finished' => $state->finished,
            'stopped' => $state->stoppedAt !== null,
            'rounds' => self::rounds($state, $plan),
            'marks' => self::marks($state),
        ];
    }

    /** @return list<array{done: int, all: int}> one per stage, in order */
    private static function rounds(RunState $state, Plan $plan): array
    {
        $rounds = [];
        foreach ($plan->steps as $step) {
            $rounds[$step->stage] ??= ['done' => 0, 'all' => 0];
            $rounds[$step->stage]['all']++;
            $rounds[$step->stage]['done'] += $state->status($step->id) === StepStatus::Done ? 1 : 0;
        }

        return array_values($rounds);
    }

    /** @return list<array{position: string, strokes: list<string>, old: int, fault: string|null}> */
    public static function marks(RunState $state): array
    {
        $marks = [];
        foreach (PaintMarks::of($state) as $position => $mark) {
            $marks[] = [
                'position' => (string) $position,
                'strokes' => array_map(fn ($grade): string => $grade->value, $mark->strokes),
                'old' => $mark->oldStrokes,
                'fault' => $mark->fault?->word(),
            ];
        }

        return $marks;
    }
}
