<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Models\RunProgress;
use App\Builds\RunFolds;
use App\Library\Models\Joint;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionFaces;
use App\People\Models\Person;
use App\Record\Models\Subject;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * Engines as strips of their joints in assembly order, each with its map and the marks that are on it. What many builds
 * of one list share is read once.
 *
 * @phpstan-import-type Face from RevisionFaces
 */
final class JointStrip
{
    /** @var array<string, Face> by revision */
    private array $faces = [];

    /** @var array<string, string> names by person */
    private array $people = [];

    /**
     * @param  bool  $withWords  may be read what somebody said when they left a job? Nothing for a customer's eyes
     * @return list<array<string, mixed>> each with its map
     */
    public function of(Subject $subject, bool $withWords): array
    {
        $strip = $this->ofAll(collect([$subject]))[$subject->id];

        return array_map(fn (array $joint): array => ['map' => $this->maps()[$joint['revision']['id'] ?? ''] ?? null, 'run' => $withWords ? self::whetherLeft($joint['run']) : $joint['run']] + $joint, $strip);
    }

    /**
     * Who left it as it stands, and in what words: told of one engine, since the run is read for it.
     *
     * @param  array<string, mixed>|null  $run
     * @return array<string, mixed>|null
     */
    private static function whetherLeft(?array $run): ?array
    {
        if ($run === null || $run['finished'] === true || ! is_string($run['id'])) {
            return $run;
        }
        $plan = Procedures::plan((string) DB::table('runs')->where('id', $run['id'])->value('plan_hash'));

        return ['left' => LeftRun::of($run['id'], RunFolds::folded($run['id'], $plan))] + $run;
    }

    /**
     * As many questions for many builds as for few. A map is drawn on many engines and stands in maps() once.
     *
     * @param  Collection<int, Subject>  $subjects
     * @return array<string, list<array<string, mixed>>> by build
     */
    public function ofAll(Collection $subjects): array
    {
        $ids = $subjects->pluck('id');
        // Plain rows: hundreds of them are read each quarter of a minute at every desk.
        $given = Assignment::query()->whereIn('assignments.subject', $ids)->where('taken_back_at', null)->toBase()
            ->leftJoin('runs', 'runs.assignment', '=', 'assignments.id')->leftJoin('run_progress', 'run_progress.run', '=', 'runs.id')
            ->get(['assignments.id', 'assignments.subject', 'assignments.joint', 'assignments.revision', 'assignments.person', 'given_at', 'runs.id as begun', 'runs.person as by', 'run_progress.*']);
        $joints = Joint::query()->whereIn('family', $subjects->pluck('family')->unique())->toBase()->get(['id', 'family', 'name', 'assembly_order'])->sortBy('assembly_order');
        $this->people = Person::query()->findMany($given->pluck('person')->merge($given->pluck('by'))->filter()->unique()->all())->mapWithKeys(fn (Person $p): array => [$p->id => $p->displayName()])->all();
        $options = self::inForce($joints->pluck('id')->all());
        $first = array_filter(array_map(fn (array $options): ?string => $options[0]['revision'] ?? null, $options));
        $this->faces = RevisionFaces::of([...$given->pluck('revision')->all(), ...array_values($first)]);
        // Of an engine's joints most are as on every other: nobody has them yet.
        $plain = $joints->map(fn (stdClass $joint): array => ['family' => $joint->family, 'joint' => $this->plain($joint, $options[$joint->id] ?? [])])->groupBy('family')->map(fn (Collection $of): array => array_values($of->pluck('joint')->all()))->all();
        $byBuild = $given->groupBy('subject')->map->keyBy('joint')->all();
        $strips = [];
        foreach ($subjects as $subject) {
            $its = $byBuild[$subject->id] ?? [];
            $strips[$subject->id] = array_map(fn (array $joint): array => isset($its[$joint['id']]) ? $this->given($joint, $its[$joint['id']]) : $joint, $plain[$subject->family] ?? []);
        }

        return $strips;
    }

    /** @return array<string, array<string, mixed>> maps by revision, of what was asked last */
    public function maps(): array
    {
        return array_map(fn (array $face): array => $face['sketch'], $this->faces);
    }

    /**
     * A joint that nobody was given.
     *
     * @param  list<array{revision: string, face: array<string, mixed>}>  $options  what is in force for it
     * @return array<string, mixed>
     */
    private function plain(stdClass $joint, array $options): array
    {
        return [
            'id' => $joint->id, 'name' => $joint->name, 'map' => null, 'revision' => $this->revision($options[0]['revision'] ?? ''),
            'options' => array_column($options, 'face'), 'given' => null, 'run' => null,
        ];
    }

    /**
     * @param  array<string, mixed>  $joint
     * @return array<string, mixed>
     */
    private function given(array $joint, stdClass $given): array
    {
        return [
            'revision' => $this->revision($given->revision),
            'given' => ['id' => $given->id, 'person' => $this->people[$given->person] ?? null, 'at' => Assignment::zulu($given->given_at)],
            'run' => $given->begun === null ? null : ['id' => $given->begun, 'person' => $this->people[$given->by] ?? null, 'left' => null] + RunProgress::shown($given),
        ] + $joint;
    }

    /** @return array<string, mixed>|null what is shown of it beside the map */
    private function revision(string $revision): ?array
    {
        return isset($this->faces[$revision]) ? array_diff_key($this->faces[$revision], ['sketch' => 0, 'steps' => 0]) : null;
    }

    /**
     * @param  array<string>  $joints
     * @return array<string, list<array{revision: string, face: array<string, mixed>}>> by joint, the oldest option first
     */
    private static function inForce(array $joints): array
    {
        $options = [];
        foreach (Procedures::inForceAt($joints, CarbonImmutable::now()) as [$status, $procedure]) {
            $options[$status->joint][] = [
                'revision' => $status->revision,
                'face' => ['procedure' => $status->procedure, 'option' => $procedure->option, 'letter' => $status->letter],
            ];
        }

        return $options;
    }
}
