<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Models\PaperJoint;
use App\Builds\Models\ReturnedJoint;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\Fitted;
use App\Shared\ProblemType;
use App\Shared\Refused;
use Illuminate\Support\Collection;

/** One subassembly of an engine, and what would have to happen for it to come off, or for another one to go in. */
final readonly class Exchange
{
    /**
     * @param  Collection<int, Joint>  $joints  that it carries
     * @param  Collection<int, Assignment>  $jobs  of those, that are not taken back, at the engine itself
     * @param  Collection<array-key, Run>  $runs  of those jobs, by job
     */
    private function __construct(
        public Subject $engine,
        public string $kind,
        public ?Subject $fitted,
        private Collection $joints,
        private Collection $jobs,
        private Collection $runs,
    ) {
    }

    /** @throws Refused when an engine of that family has no such subassembly, or that is none itself */
    public static function of(Subject $engine, string $kind): self
    {
        $family = Family::query()->findOrFail($engine->family);
        if ($engine->isSubassembly() || ! in_array($kind, $family->subassemblies(), true)) {
            throw Refused::field('kind', sprintf('%s has no subassembly "%s".', $engine->title(), mb_substr($kind, 0, 40)), $kind);
        }
        $joints = $family->joints()->where('carried_in', $kind)->orderBy('assembly_order')->get();
        $jobs = Assignment::query()->where('subject', $engine->id)->whereNull('taken_back_at')->whereIn('joint', $joints->modelKeys())->get();

        return new self($engine, $kind, Fitted::in([$engine->id])[$engine->id][$kind] ?? null, $joints->toBase(), $jobs->toBase(), Run::query()->whereIn('assignment', $jobs->modelKeys())->get()->toBase()->keyBy('assignment'));
    }

    /** Is one in it that was fitted, or is anything recorded or promised at the engine's own? */
    public function hasOne(): bool
    {
        return $this->fitted !== null || $this->jobs->isNotEmpty() || $this->stayed()->isNotEmpty() || PaperJoint::query()->where('subject', $this->engine->id)->whereIn('joint', $this->joints->pluck('id'))->exists();
    }

    /** @throws Refused when somebody has a joint of the engine's own in hand */
    public function workedToTheEnd(): void
    {
        foreach ($this->jobs as $job) {
            $run = $this->runs->get($job->id);
            if ($run?->finished_at === null) {
                $who = Person::query()->find($run->person ?? $job->person)?->displayName() ?? 'somebody';
                $says = $run === null ? sprintf('hangs on %s’s hook; take it back first', $who) : sprintf('is in %s’s hands; it is worked to its signature, or opened again, first', $who);
                throw new Refused(ProblemType::RunHeld, sprintf('%s of %s %s.', $this->joints->firstWhere('id', $job->joint)?->name, $this->engine->title(), $says), 409, ['field' => 'kind', 'value' => $this->kind]);
            }
        }
    }

    /** @return list<array{joint: string, run?: string}> the joints that the engine's own carries, each with the run that goes with it */
    public function goesWithIt(): array
    {
        return array_values($this->joints->map(fn (Joint $joint): array => array_filter(['joint' => $joint->id, 'run' => $this->runOf($joint->id)], fn (?string $v): bool => $v !== null))->all());
    }

    /** What holds it, and what rests on that and on what it carries. It comes off as it is: of its own joints none is opened. */
    public function comesApart(): ComesApart
    {
        $holding = Joint::query()->where('family', $this->engine->family)->where('holds', $this->kind)->pluck('id')->map(strval(...))->all();
        $carried = array_map(strval(...), $this->joints->pluck('id')->all());

        return ComesApart::with($this->engine, array_values([...$holding, ...$carried]), $this->kind);
    }

    /** What holds such a one to the engine and was begun without it; null: nothing was. */
    public function holding(): ?Joint
    {
        foreach (ComesApart::with($this->engine, array_values(Joint::query()->where('family', $this->engine->family)->where('holds', $this->kind)->pluck('id')->map(strval(...))->all()))->runs as $run) {
            return Joint::query()->find($run->joint);
        }

        return null;
    }

    /** @return list<Subject> that could go in: finished, in no engine, the shop's own or of the same customer */
    public function ready(): array
    {
        $ready = Subject::query()->with('owner')->where('family', $this->engine->family)->where('subassembly', $this->kind)->where('state', BuildState::Finished)->whereIn('customer', ['', $this->engine->customer])->orderBy('serial')->get();
        $in = Fitted::around($ready->modelKeys());

        return array_values($ready->reject(fn (Subject $s): bool => isset($in[$s->id]))->all());
    }

    private function runOf(string $joint): ?string
    {
        $here = $this->runs->first(fn (Run $r): bool => $r->joint === $joint);
        $of = $here === null ? $this->stayed()->firstWhere('joint', $joint)?->of : null;
        // Of one that stayed in that build too, the build before it answers, and so on.
        while ($of !== null) {
            $then = Run::query()->where('subject', $of)->where('joint', $joint)->whereNotNull('finished_at')->whereNull('opened_at')->whereNull('went_with')->first();
            $here ??= $then;
            $of = $then === null ? ReturnedJoint::query()->where('subject', $of)->where('joint', $joint)->where('opened', false)->value('of') : null;
        }

        return $here?->id;
    }

    /** @return Collection<int, ReturnedJoint> of its joints those that were not opened in this build */
    private function stayed(): Collection
    {
        return ReturnedJoint::query()->where('subject', $this->engine->id)->whereIn('joint', $this->joints->pluck('id'))->where('opened', false)->get()->toBase();
    }
}
