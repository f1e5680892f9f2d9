<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Crib\Models\ToolRow;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Models\RevisionStatus;
use App\Library\Models\StoredRevision;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Permits;
use App\Library\Queries\Procedures;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Stage;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\Progress;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\WalkSheet;
use Tekkal\Core\Unit\Kind;

/** Everything the bench needs to show a run and to walk on by itself. */
final readonly class RunSheet
{
    public function __construct(private ToolChoice $tools)
    {
    }

    /** @return array<string, mixed> */
    public function of(string $runId): array
    {
        $context = RunContext::get($runId);
        $state = $context->fold->freeze();
        $subject = Subject::query()->findOrFail($context->run->subject);
        $document = Procedures::document($context->run->revision);
        $revision = Procedures::revision($context->run->revision);
        $advice = new Advice($context->fold);

        return [
            'id' => $runId,
            'subject' => $subject->id,
            'serial' => $subject->title(),
            'family' => Family::query()->findOrFail($subject->family)->name,
            'joint' => Joint::query()->findOrFail($context->run->joint)->name,
            'hardware' => $context->run->option,
            'revision' => StoredRevision::query()->findOrFail($context->run->revision)->letter,
            'newer' => $this->newer($context->run->revision),
            'permits' => $this->permits($context->run, $subject->serial),
            'rounds' => $revision->tighteningLine()->rounds(),
            'stages' => array_map(fn (Stage $s): array => ['key' => $s->key(), 'motion' => $s->rules->motion->oneMotion ? 'one_motion' : 'may_ratchet', 'why' => $s->why], $revision->stages()),
            'surfaces' => array_map(fn (Agent $a): array => ['surface' => $a->surface, 'condition' => $a->condition], $revision->agents),
            'cautions' => $document['cautions'] ?? [],
            'sketch' => MapSketch::of($document),
            'holder' => $this->holder($context->run),
            // Of what this sheet shows. Were it the newest there is, a reading taken meanwhile would count as shown, and the bench would call its bolt again.
            'last_seq' => $state->lastSeq(),
            'finished' => $state->finished,
            'next_step' => $advice->nextStep(),
            'stopped_at' => $context->fold->stoppedAt(),
            'stop' => $advice->stop(),
            'steps' => array_map(fn (Step $s): array => $this->step($s, $state), $context->plan->steps),
            'walk_sheet' => WalkSheet::of($state),
            'tools' => [
                'torque' => $this->tool($state, Kind::Torque, $context),
                'angle' => $this->tool($state, Kind::Angle, $context),
            ],
            'marks' => Progress::marks($state),
        ];
    }

    /** @return array<string, string|null> in whose hands it is, and where */
    private function holder(Run $run): array
    {
        return [
            'person' => $run->person, 'person_name' => Person::query()->find($run->person)?->displayName(),
            'device' => $run->device, 'device_name' => Device::query()->find($run->device)?->name,
        ];
    }

    /** The letter of a revision that has come into force since the run began; the run stays with its own. */
    private function newer(string $revision): ?string
    {
        $status = RevisionStatus::query()->findOrFail($revision);
        $now = Procedures::inForce($status->joint, now()->toImmutable(), $status->procedure);

        return $now === null || $now->revision === $revision ? null : $now->letter;
    }

    /** @return list<array{code: string, departure: string, until: string|null}> departures that are permitted on this engine */
    private function permits(Run $run, string $serial): array
    {
        $procedure = RevisionStatus::query()->findOrFail($run->revision)->procedure;

        return array_map(fn (array $p): array => ['code' => $p['code'], 'departure' => $p['departure'], 'until' => $p['valid_until']], Permits::coveringRun($procedure, $serial, $run->begun_at, $run->id));
    }

    /** @return array<string, mixed> */
    private function step(Step $step, RunState $state): array
    {
        $goal = $step->straightGoal();

        return [
            'id' => $step->id,
            'stage' => $step->stage,
            'kind' => $step->kind->value,
            'quantity' => $goal->quantity->value,
            'position' => $step->position,
            'target' => $goal->target->typeset(),
            'window' => $goal->window->typeset(),
            'threshold' => $step->threshold()?->typeset(),
            'status' => $state->status($step->id)->value,
            'attempts' => array_map(fn (Attempt $a): array => [
                'reading' => $a->id(),
                'number' => $a->number,
                'value' => $a->measured()->typeset(),
                'verdict' => $a->judgement->verdict->value,
                'word' => $a->judgement->verdict->word(),
                'reason' => $a->judgement->reason,
                'status' => $a->status->value,
                'typed' => $a->given->source->mayBeWithdrawn(),
            ], $state->attemptsAt($step->id)),
        ];
    }

    /** @return array<string, mixed> */
    private function tool(RunState $state, Kind $quantity, RunContext $context): array
    {
        $taken = $state->toolFor($quantity);
        $offers = $this->tools->offers($context->plan, $quantity);

        return [
            'taken' => $taken === null ? null : ToolRow::query()->find($taken)?->code,
            'offers' => $offers,
        ];
    }
}
