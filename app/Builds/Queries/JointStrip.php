<?php

declare(strict_types=1);

namespace App\Builds\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Models\RunProgress;
use App\Builds\RunFolds;
use App\Library\Queries\Procedures;
use App\Library\Queries\RevisionFaces;
use App\People\Models\Customer;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Record\Queries\StopsInForce;
use App\Record\StopWhat;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;
use Tekkal\Core\Run\RunPhase;
use Tekkal\Core\Schedule\HardwareOffer;
use Tekkal\Core\Unit\Written;

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

    /** @var array<string, list<array{revision: string, procedure: string, variant: string|null, face: array{procedure: string, option: string, letter: string, variant: string|null}}>> what is in force, by joint */
    private array $options = [];

    /**
     * @param  bool  $withWords  may be read what somebody said when they left a job? Nothing for a customer's eyes
     * @return list<array<string, mixed>> each with its map
     */
    public function of(Subject $subject, bool $withWords): array
    {
        $strip = $this->ofAll(collect([$subject]))[$subject->id];

        $homes = array_unique([$subject->id, ...array_filter(array_map(fn (array $joint): ?string => $joint['within']['id'] ?? null, $strip))]);
        $opened = Run::at($homes)->whereNotNull('opened_at')->orderBy('opened_at')->get()->keyBy(fn (Run $r): string => ($r->went_with ?? $r->subject)."/$r->joint");

        return array_map(fn (array $joint): array => ['opened' => self::opened($opened->get(($joint['within']['id'] ?? $subject->id).'/'.$joint['id'])), 'map' => $this->maps()[$joint['drawn'] ?? ''] ?? null, 'run' => $withWords ? self::whetherLeft($joint['run']) : $joint['run']] + $joint, $strip);
    }

    /** @return array{at: string, why: string}|null that it came apart again after it was worked here */
    private static function opened(?Run $run): ?array
    {
        return $run?->opened_at === null ? null : ['at' => $run->opened_at->toIso8601ZuluString(), 'why' => (string) $run->opened_why];
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
     * @param  bool  $painted  with what is drawn and written of each revision, how far each round is, and the marks that are on it; whoever shows many wants few of them
     * @param  bool  $inWords  with what is said of those that stand outside the record; else only whether they do
     * @return array<string, list<array<string, mixed>>> by build
     */
    public function ofAll(Collection $subjects, bool $painted = true, bool $inWords = true): array
    {
        // What was fitted to one of them is a strip of its own, and stands in that one's.
        $inside = Fitted::in($subjects->where('subassembly', '')->pluck('id')->all());
        $asked = $subjects;
        $subjects = $subjects->concat(array_merge(...array_map(array_values(...), array_values($inside))))->unique('id');
        $ids = $subjects->pluck('id');
        $given = self::givenOut($ids, $painted, $subjects->where('subassembly', '!=', '')->pluck('id'));
        $fitted = DB::table('fitted_hardware')->whereIn('subject', $ids)->get(['subject', 'joint', 'procedure', 'option'])->groupBy('subject')->map->keyBy('joint')->all();
        $returned = self::returnedTo($subjects, $inWords);
        $said = $returned->groupBy('subject')->map(fn (Collection $of): array => $of->keyBy('joint')->all())->all();
        $outside = $inWords ? Outside::of($ids->all(), $returned) : Outside::kinds($ids->all(), $returned);
        $joints = DB::table('joints')->whereIn('family', $subjects->pluck('family')->unique())->get(['id', 'family', 'name', 'assembly_order', 'carried_in'])->sortBy('assembly_order');
        $this->options = self::inForce($joints->pluck('id')->all());
        // Whoever shows many draws one joint of each, and asks for that.
        $this->faces = ! $painted ? [] : RevisionFaces::of([...$given->pluck('revision')->all(), ...array_merge(...array_map(fn (array $of): array => array_column($of, 'revision'), array_values($this->options)))]);
        // Of an engine's joints most are as on every other: nobody has them yet.
        $plain = $joints->map(fn (stdClass $joint): array => ['family' => $joint->family, 'joint' => $this->plain($joint)])->groupBy('family')->map(fn (Collection $of): array => array_column($of->pluck('joint')->all(), null, 'id'))->all();
        $carried = $joints->pluck('carried_in', 'id')->all();
        $byBuild = $given->groupBy('subject')->map->keyBy('joint')->all();
        $strips = [];
        foreach ($subjects as $subject) {
            $strip = $plain[$subject->family] ?? [];
            $strip = $subject->subassembly === '' ? $strip : array_filter($strip, fn (array $joint): bool => $carried[$joint['id']] === $subject->subassembly);
            $strips[$subject->id] = array_values($this->its($strip, $subject, [$said[$subject->id] ?? [], $fitted[$subject->id] ?? [], $byBuild[$subject->id] ?? [], $outside[$subject->id] ?? []], $painted));
        }

        return $asked->mapWithKeys(fn (Subject $s): array => [$s->id => self::withWhatIsIn($strips[$s->id], $inside[$s->id] ?? [], $strips, $carried)])->all();
    }

    /**
     * The strip of one of them: only what was said, chosen, given or done there is put in anew.
     *
     * @param  array<string, array<string, mixed>>  $strip  by joint, as on every engine of its family
     * @param  array{array<string, ReturnedJoint>, iterable<string, stdClass>, iterable<string, stdClass>, array<string, array<string, mixed>>}  $of  what was said when it came back, chosen, given out, and stands outside the record
     * @return array<string, array<string, mixed>>
     */
    private function its(array $strip, Subject $subject, array $of, bool $painted): array
    {
        [$said, $fitted, $given, $outside] = $of;
        $strip = $subject->variant === '' ? $strip : array_map(fn (array $joint): array => $this->offered($joint, $subject->variant), $strip);
        $change = function (iterable $found, Closure $to) use (&$strip): void {
            foreach ($found as $joint => $one) {
                if (isset($strip[$joint])) {
                    $strip[$joint] = $to($strip[$joint], $one);
                }
            }
        };
        $change($said, fn (array $joint, ReturnedJoint $one): array => ['returned' => self::returned($one)] + $joint);
        $change($fitted, $this->chosen(...));
        $change($given, fn (array $joint, stdClass $one): array => $this->given($joint, $one, $painted));
        $change($outside, fn (array $joint, array $one): array => ['outside' => $one] + $joint);
        $stops = StopsInForce::here();

        return $stops->isEmpty() ? $strip : array_map(fn (array $joint): array => self::whetherStopped($joint, $stops), $strip);
    }

    /**
     * What is carried in a subassembly that was fitted stands there as it stands in that.
     *
     * @param  list<array<string, mixed>>  $strip
     * @param  array<string, Subject>  $inside  by kind
     * @param  array<string, list<array<string, mixed>>>  $strips  by build
     * @param  array<array-key, mixed>  $carried  by joint
     * @return list<array<string, mixed>>
     */
    private static function withWhatIsIn(array $strip, array $inside, array $strips, array $carried): array
    {
        if ($inside === []) {
            return $strip;
        }

        return array_map(function (array $joint) use ($inside, $strips, $carried): array {
            $in = $inside[$carried[$joint['id']]] ?? null;
            $there = $in === null ? false : array_search($joint['id'], array_column($strips[$in->id], 'id'), true);

            return $in === null || $there === false ? $joint : ['within' => ['id' => $in->id, 'title' => $in->title()]] + $strips[$in->id][$there];
        }, $strip);
    }

    /**
     * Asked of engines that were here before only: most were not.
     *
     * @param  Collection<int, Subject>  $subjects
     * @return Collection<int, ReturnedJoint>
     */
    private static function returnedTo(Collection $subjects, bool $inWords): Collection
    {
        $back = $subjects->where('build_number', '>', 1)->pluck('id');

        return $back->isEmpty() ? collect() : ReturnedJoint::query()->when($inWords, fn ($q) => $q->with('before'))->whereIn('subject', $back)->get()->toBase();
    }

    /**
     * Plain rows: hundreds of them are read each quarter of a minute at every desk.
     *
     * @param  Collection<array-key, mixed>  $builds
     * @param  Collection<array-key, mixed>  $subassemblies  those among them
     * @return Collection<int, stdClass> with the names of who has it and whose run it is
     */
    private static function givenOut(Collection $builds, bool $painted, Collection $subassemblies): Collection
    {
        $progress = $painted ? ['run_progress.*'] : array_map(fn (string $c): string => "run_progress.$c", ['done', 'all_steps', 'finished', 'stopped', 'phase', 'next', 'why']);

        $rows = fn (bool $went) => DB::table('assignments')->whereIn($went ? 'runs.went_with' : 'assignments.subject', $went ? $subassemblies : $builds)->where($went ? 'runs.opened_at' : 'taken_back_at', null)
            ->leftJoin('runs', 'runs.assignment', '=', 'assignments.id')->leftJoin('run_progress', 'run_progress.run', '=', 'runs.id')
            ->leftJoin('people as has', 'has.id', '=', 'assignments.person')->leftJoin('people as works', 'works.id', '=', 'runs.person')
            ->get(['has.name as has_name', 'works.name as works_name', 'assignments.id', DB::raw($went ? 'runs.went_with AS subject' : 'assignments.subject'), 'assignments.joint', 'assignments.revision', 'assignments.option', 'assignments.person', 'given_at', 'runs.id as begun', 'runs.person as by', ...$progress]);

        // What was worked at an engine's own head stands with that since it came off.
        return $subassemblies->isEmpty() ? $rows(false) : $rows(false)->concat($rows(true));
    }

    /** @return array<string, array<string, mixed>> maps by revision, of what was asked last */
    public function maps(): array
    {
        return array_map(fn (array $face): array => $face['sketch'], $this->faces);
    }

    /**
     * Is what it goes by stopped? Said of work that is to be done; of what is done, the audit says it.
     *
     * @param  array<string, mixed>  $joint
     * @return array<string, mixed>
     */
    private static function whetherStopped(array $joint, StopsInForce $stops): array
    {
        $stop = $joint['in_force'] === null || Standing::isDone($joint) ? null : $stops->told(StopWhat::Revision, (string) $joint['in_force']);

        return $stop === null ? $joint : ['stop' => $stop] + $joint;
    }

    /**
     * A joint that nobody was given, of an engine whose variant nobody has said. Where it can be fitted with several kits, nothing is guessed: somebody says which.
     *
     * @return array<string, mixed>
     */
    private function plain(stdClass $joint): array
    {
        $options = $this->options[$joint->id] ?? [];
        $proposed = self::offer($options, '')->proposed();
        $only = $proposed === null ? null : array_column($options, null, 'procedure')[$proposed];

        return [
            'id' => $joint->id, 'name' => $joint->name, 'map' => null, 'drawn' => $options[0]['revision'] ?? null, 'in_force' => $only['revision'] ?? null, 'revision' => $this->revision($only['revision'] ?? ''),
            'options' => array_column($options, 'face'), 'hardware' => $only === null ? null : ['option' => $only['face']['option'], 'chosen' => false], 'outside' => null, 'returned' => null, 'given' => null, 'run' => null, 'stop' => null, 'opened' => null, 'within' => null,
        ];
    }

    /**
     * As an engine of its variant has it: what was written for others is not offered there.
     *
     * @param  array<string, mixed>  $joint
     * @return array<string, mixed>
     */
    private function offered(array $joint, string $variant): array
    {
        $options = $this->options[$joint['id']] ?? [];
        if ($variant === '' || array_filter($options, fn (array $o): bool => $o['variant'] !== null) === []) {
            return $joint;
        }
        $offer = self::offer($options, $variant);
        $mine = array_column($options, null, 'procedure');
        $proposed = $mine[$offer->proposed() ?? ''] ?? null;
        $offered = array_map(fn (string $procedure): array => $mine[$procedure], $offer->offered());

        return [
            'drawn' => $proposed['revision'] ?? $offered[0]['revision'] ?? null, 'in_force' => $proposed['revision'] ?? null, 'revision' => $this->revision($proposed['revision'] ?? ''),
            'options' => array_column($offered, 'face'), 'hardware' => $proposed === null ? null : ['option' => $proposed['face']['option'], 'chosen' => false],
        ] + $joint;
    }

    /** @param  list<array{revision: string, procedure: string, variant: string|null, face: array<string, string|null>}>  $options */
    private static function offer(array $options, string $variant): HardwareOffer
    {
        return new HardwareOffer(array_column($options, 'variant', 'procedure'), $variant === '' ? null : $variant);
    }

    /** @return array{opened: bool, found: string, movements: list<array{at: string, value: string}>} */
    private static function returned(ReturnedJoint $joint): array
    {
        return [
            'opened' => $joint->opened, 'found' => $joint->found,
            'movements' => array_map(fn (array $m): array => ['at' => $m['at'], 'value' => Written::coded($m['value'])->typeset()], $joint->movements),
        ];
    }

    /**
     * Somebody has said which hardware it gets: the revision in force of that one, and of no other.
     *
     * @param  array<string, mixed>  $joint
     * @return array<string, mixed>
     */
    private function chosen(array $joint, stdClass $fitted): array
    {
        // Since its variant was set right it may be for others: then it is to be chosen again.
        $offered = in_array($fitted->procedure, array_column(is_array($joint['options']) ? $joint['options'] : [], 'procedure'), true);
        $revision = $offered ? array_column($this->options[$joint['id']] ?? [], 'revision', 'procedure')[$fitted->procedure] ?? null : null;

        return ['drawn' => $revision ?? $joint['drawn'], 'in_force' => $revision, 'revision' => $this->revision($revision ?? ''), 'hardware' => ['option' => $fitted->option, 'chosen' => true]] + $joint;
    }

    /**
     * @param  array<string, mixed>  $joint
     * @return array<string, mixed>
     */
    private function given(array $joint, stdClass $given, bool $painted): array
    {
        $run = fn (): array => $painted ? RunProgress::shown($given) : RunProgress::brief($given);

        return [
            'drawn' => $given->revision, 'in_force' => $given->revision,
            'revision' => $this->revision($given->revision),
            'hardware' => ['option' => $given->option, 'chosen' => true],
            'given' => ['id' => $given->id, 'person' => self::named($given->has_name), 'at' => Assignment::zulu($given->given_at)],
            'run' => $given->begun === null ? null : ['id' => $given->begun, 'person' => self::named($given->works_name), 'left' => null, 'parked' => $given->phase === RunPhase::Parked->value] + $run(),
        ] + $joint;
    }

    /** As screens call somebody whose name was blanked. */
    private static function named(?string $name): string
    {
        return $name ?? Customer::BLANKED;
    }

    /** @return array<string, mixed>|null what is shown of it beside the map */
    private function revision(string $revision): ?array
    {
        return isset($this->faces[$revision]) ? array_diff_key($this->faces[$revision], ['sketch' => 0, 'steps' => 0]) : null;
    }

    /**
     * @param  array<string>  $joints
     * @return array<string, list<array{revision: string, procedure: string, variant: string|null, face: array{procedure: string, option: string, letter: string, variant: string|null}}>> by joint, the oldest option first
     */
    private static function inForce(array $joints): array
    {
        $options = [];
        foreach (Procedures::inForceAt($joints, CarbonImmutable::now()) as $one) {
            $options[$one->joint][] = [
                'revision' => $one->revision, 'procedure' => $one->procedure, 'variant' => $one->variant,
                'face' => ['procedure' => $one->procedure, 'option' => $one->option, 'letter' => $one->letter, 'variant' => $one->variant],
            ];
        }

        return $options;
    }
}
