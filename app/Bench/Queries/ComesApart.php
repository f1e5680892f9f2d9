<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\IntakeLine;
use App\Builds\Models\Assignment;
use App\Builds\Models\PaperJoint;
use App\Builds\Models\ReturnedJoint;
use App\Builds\Queries\JointsOf;
use App\Library\Models\Family;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use Illuminate\Database\Eloquent\Builder;

/** What comes apart in an engine when some of its joints are opened: those, and what rests on them, in what was fitted to it too. */
final readonly class ComesApart
{
    /**
     * @param  array<string, Subject>  $subjects  the engine and what was fitted to it, by their ids
     * @param  list<string>  $joints  in the order of assembly
     * @param  list<Run>  $runs  that were done there, in that order
     */
    private function __construct(private array $subjects, private array $joints, public array $runs)
    {
    }

    /**
     * @param  Subject  $engine  or a subassembly that is in none
     * @param  list<string>  $opened
     * @param  string  $whole  a subassembly that comes off as it is, though what rests on it does not stay; empty: none
     */
    public static function with(Subject $engine, array $opened, string $whole = ''): self
    {
        $family = Family::query()->findOrFail($engine->family);
        $with = $family->resting()->openedWith($opened, JointsOf::elsewhere($engine));
        $with = $whole === '' ? $with : array_values(array_diff($with, array_keys($family->carried(), $whole, true)));
        $order = $engine->isSubassembly() ? JointsOf::all($engine)->modelKeys() : $family->joints()->orderBy('assembly_order')->pluck('id')->all();
        $joints = array_values(array_intersect(array_map(strval(...), $order), $with));
        $subjects = [$engine->id => $engine];
        foreach (Fitted::in([$engine->id])[$engine->id] ?? [] as $fitted) {
            $subjects[$fitted->id] = $fitted;
        }
        $jobs = Assignment::query()->whereIn('subject', array_keys($subjects))->whereNull('taken_back_at')->whereIn('joint', $joints)->pluck('id');
        $went = Run::query()->whereIn('went_with', array_keys($subjects))->whereIn('joint', $joints)->whereNull('opened_at')->get();
        $runs = Run::query()->whereIn('assignment', $jobs)->get()->concat($went)->sortBy(fn (Run $r): int => (int) array_search($r->joint, $joints, true));

        return new self($subjects, $joints, array_values($runs->all()));
    }

    /** Is there anything of that joint that could come apart? */
    public function isAnythingOf(string $joint): bool
    {
        return in_array($joint, array_column($this->runs, 'joint'), true) || $this->of(ReturnedJoint::query())->where('joint', $joint)->where('opened', false)->exists();
    }

    /** @return list<array{string, string, array<string, mixed>, string|null}> what was on paper, or had stayed as an earlier build left it, has come apart, too: subject, type of entry, data, joint */
    public function besides(): array
    {
        $entries = [];
        foreach ($this->of(PaperJoint::query())->get() as $paper) {
            $entries[] = [$paper->subject, 'paper_joint_taken_back', [], $paper->joint];
        }
        foreach ($this->of(ReturnedJoint::query())->where('opened', false)->get()->groupBy('subject') as $subject => $stayed) {
            $entries[] = [(string) $subject, 'intake_entered', [
                'of' => $stayed->firstOrFail()->of, 'joints' => array_values($stayed->map(fn (ReturnedJoint $j): array => (new IntakeLine($j->joint, true))->toData())->all()),
            ], null];
        }

        return $entries;
    }

    /** @return list<Subject> subassemblies that were finished, and of which something comes apart */
    public function finished(): array
    {
        $touched = [...array_map(fn (Run $r): string => $r->went_with ?? $r->subject, $this->runs), ...array_column($this->besides(), 0)];

        return array_values(array_filter($this->subjects, fn (Subject $s): bool => $s->isSubassembly() && $s->state === BuildState::Finished && in_array($s->id, $touched, true)));
    }

    /**
     * @template T of \Illuminate\Database\Eloquent\Model
     *
     * @param  Builder<T>  $query
     * @return Builder<T>
     */
    private function of(Builder $query): Builder
    {
        return $query->whereIn('subject', array_keys($this->subjects))->whereIn('joint', $this->joints);
    }
}
