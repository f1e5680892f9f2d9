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

/** An engine as a strip of its joints in assembly order, each with its map and the marks that are on it. */
final class JointStrip
{
    /** @var array<string, array<string, mixed>> maps by revision: they are the same for many builds of one list */
    private array $maps = [];

    /** @var array<string, Collection<int, RevisionStatus>> what is in force, by joint */
    private array $options = [];

    /** @return list<array<string, mixed>> */
    public function of(Subject $subject): array
    {
        $given = Assignment::query()->where('subject', $subject->id)->where('taken_back_at', null)->get()->keyBy('joint');
        $runs = Run::query()->where('subject', $subject->id)->get()->keyBy('assignment');
        $joints = Joint::query()->where('family', $subject->family)->get()->sortBy('assembly_order')->values();

        return array_values($joints->map(fn (Joint $joint): array => $this->joint($joint, $given->get($joint->id), $runs))->all());
    }

    /**
     * @param  Collection<string, Run>  $runs
     * @return array<string, mixed>
     */
    private function joint(Joint $joint, ?Assignment $given, Collection $runs): array
    {
        $options = $this->options[$joint->id] ??= Procedures::allInForce($joint->id, CarbonImmutable::now());
        $revision = $given->revision ?? $options->first()?->revision;
        $run = $given === null ? null : $runs->get($given->id);
        $shown = [
            'id' => $joint->id,
            'name' => $joint->name,
            'map' => $revision === null ? null : $this->maps[$revision] ??= MapSketch::of(Procedures::document($revision)),
            'revision' => $revision === null ? null : ['id' => $revision, 'letter' => StoredRevision::query()->findOrFail($revision)->letter, 'line' => Procedures::revision($revision)->tighteningLine()->typeset(), 'rounds' => Procedures::revision($revision)->tighteningLine()->rounds()],
            'options' => $options->map(fn (RevisionStatus $s): array => ['procedure' => $s->procedure, 'option' => Procedure::query()->findOrFail($s->procedure)->option, 'letter' => $s->letter, 'at_bench' => $s->at_bench])->values(),
            'given' => $given === null ? null : ['id' => $given->id, 'person' => Person::query()->find($given->person)?->displayName(), 'at' => $given->given_at->toIso8601ZuluString()],
            'run' => null,
        ];
        if ($run !== null) {
            $plan = Procedures::plan($run->plan_hash);
            $shown['run'] = ['id' => $run->id, 'person' => Person::query()->find($run->person)?->displayName()] + self::progress(RunHistory::fold($run->id, $plan)->freeze(), $plan);
        }

        return $shown;
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
