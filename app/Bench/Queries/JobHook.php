<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Builds\Models\Assignment;
use App\Builds\Queries\JointStrip;
use App\Library\Models\Family;
use App\Library\Models\Joint;
use App\Library\Queries\MapSketch;
use App\Library\Queries\Procedures;
use App\People\Models\Device;
use App\People\Models\Person;
use App\Record\BuildState;
use App\Record\Models\Run;
use App\Record\Models\Subject;
use App\Record\Queries\RunHistory;

/** The job cards on an assembler's hook, and the runs others have open that they could take over. */
final class JobHook
{
    /** @return array{mine: list<array<string, mixed>>, others: list<array<string, mixed>>} */
    public function of(Person $person): array
    {
        $open = Subject::query()->where('state', BuildState::Open->value)->get()->keyBy('id');
        $jobs = Assignment::query()->where('taken_back_at', null);
        $jobs->getQuery()->whereIn('subject', $open->modelKeys())->orderBy('given_at');
        $runs = Run::query();
        $runs->getQuery()->whereIn('subject', $open->modelKeys());
        $runs = $runs->get()->keyBy('assignment');
        $mine = $others = [];
        foreach ($jobs->get() as $job) {
            $run = $runs->get($job->id);
            $subject = $open->get($job->subject);
            if ($run?->finished_at !== null || $subject === null) {
                continue;
            }
            if (($run->person ?? $job->person) === $person->id) {
                $mine[] = $this->card($job, $run, $subject);
            } elseif ($run !== null) {
                $others[] = $this->card($job, $run, $subject);
            }
        }

        return ['mine' => $mine, 'others' => $others];
    }

    /** @return array<string, mixed> */
    private function card(Assignment $job, ?Run $run, Subject $subject): array
    {
        $plan = Procedures::plan($job->plan_hash);
        $card = [
            'assignment' => $job->id,
            'serial' => $subject->title(),
            'family' => Family::query()->findOrFail($subject->family)->name,
            'joint' => Joint::query()->findOrFail($job->joint)->name,
            'line' => Procedures::revision($job->revision)->tighteningLine()->typeset(),
            'sketch' => MapSketch::of(Procedures::document($job->revision)),
            'steps' => count($plan->steps),
            'run' => null,
        ];
        if ($run !== null) {
            $card['run'] = [
                'id' => $run->id,
                'person' => Person::query()->find($run->person)?->displayName(),
                'device' => Device::query()->find($run->device)?->name,
            ] + JointStrip::progress(RunHistory::fold($run->id, $plan)->freeze(), $plan);
        }

        return $card;
    }
}
