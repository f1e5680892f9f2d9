<?php

declare(strict_types=1);

namespace Tekkal\Core\Review;

use DateTimeZone;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Tool\AsFound;
use Tekkal\Core\Tool\Day;

/** Answers an audit's questions of one build from what the record holds, each with its reasons. */
final readonly class BuildAudit
{
    /**
     * @param  list<JointEvidence>  $joints
     * @param  array<string, ToolEvidence>  $tools  by tool id
     */
    public function __construct(
        private array $joints,
        private array $tools,
        private DateTimeZone $shopZone,
    ) {
    }

    /** @return list<Reply> */
    public function replies(): array
    {
        return [
            new Reply(Question::EveryStep, $this->each($this->stepsOf(...))),
            new Reply(Question::InWindow, $this->eachRecorded($this->windowsOf(...))),
            new Reply(Question::InSequence, $this->eachRecorded($this->sequenceOf(...))),
            new Reply(Question::ToolsGood, $this->tools()),
        ];
    }

    /**
     * @param  callable(JointEvidence): non-empty-list<Reason>  $ask
     * @return non-empty-list<Reason>
     */
    private function each(callable $ask): array
    {
        $reasons = [];
        foreach ($this->joints as $joint) {
            array_push($reasons, ...$ask($joint));
        }

        return $reasons === [] ? [new Reason(Answer::No, 'The family has no joints in the library.')] : $reasons;
    }

    /**
     * Of what is not in the record nothing can be said to be in or out, kept or not; that it is not there the first question answers.
     *
     * @param  callable(JointEvidence): non-empty-list<Reason>  $ask
     * @return non-empty-list<Reason>
     */
    private function eachRecorded(callable $ask): array
    {
        $recorded = array_filter($this->joints, fn (JointEvidence $joint): bool => ! $joint->isOutside());

        return $recorded === [] && $this->joints !== [] ? [new Reason(Answer::NotYet, 'Nothing of it is recorded.')] : (new self(array_values($recorded), $this->tools, $this->shopZone))->each($ask);
    }

    /** @return non-empty-list<Reason> */
    private function stepsOf(JointEvidence $joint): array
    {
        if ($joint->isOutside()) {
            // Never a yes, and it will not become one by waiting.
            return [new Reason(Answer::No, "$joint->joint: $joint->without.", $joint->joint)];
        }
        if ($joint->plan === null) {
            return [new Reason(Answer::No, "$joint->joint: the library has no approved procedure.", $joint->joint)];
        }
        $all = count($joint->plan->steps);
        $left = $joint->state === null ? $all : count($joint->state->remaining());
        $reasons = [$left === 0
            ? new Reason(Answer::Yes, sprintf('%s: %d of %d steps%s.', $joint->joint, $all, $all, $joint->made->table === '' ? '' : ", by general table {$joint->made->table}, as a joint of class C"), $joint->joint)
            : new Reason(Answer::No, sprintf('%s: %d of %d steps missing.', $joint->joint, $left, $all), $joint->joint)];
        if ($joint->state !== null && $left === 0 && ! $joint->state->finished) {
            $reasons[] = new Reason(Answer::No, "$joint->joint: the run has not been finished.", $joint->joint);
        }
        if ($joint->notInForce !== null) {
            $reasons[] = new Reason(Answer::No, "$joint->joint: $joint->notInForce", $joint->joint);
        }
        if ($joint->made->stopped !== null) {
            $reasons[] = new Reason(Answer::InDoubt, "$joint->joint: {$joint->made->stopped}.", $joint->joint);
        }

        return $reasons;
    }

    /** @return non-empty-list<Reason> */
    private function windowsOf(JointEvidence $joint): array
    {
        $good = $reasons = [];
        foreach ($this->liveAttempts($joint) as [$step, $attempt]) {
            if ($attempt->judgement->verdict->isGood()) {
                $good[$attempt->judgement->evidence->value] = ($good[$attempt->judgement->evidence->value] ?? 0) + 1;
            } else {
                $reasons[] = new Reason(Answer::No, sprintf('%s: %s', $joint->placeOf($step), $attempt->judgement->reason), $joint->joint, $step->position);
            }
        }
        if ($joint->setAside > 0) {
            $reasons[] = new Reason(Answer::InDoubt, sprintf('%s: %d %s set aside and not disposed of.', $joint->joint, $joint->setAside, $joint->setAside === 1 ? 'reading is' : 'readings are'), $joint->joint);
        }
        foreach ($good as $grade => $count) {
            $reasons[] = new Reason(Answer::Yes, sprintf('%s: %d %s and in.', $joint->joint, $count, EvidenceGrade::from($grade)->words()), $joint->joint);
        }

        return $reasons === [] ? [new Reason(Answer::NotYet, "$joint->joint: no result yet; the first one settles it.", $joint->joint)] : $reasons;
    }

    /** @return non-empty-list<Reason> */
    private function sequenceOf(JointEvidence $joint): array
    {
        $reasons = [];
        $any = false;
        foreach ($this->liveAttempts($joint) as [$step, $attempt]) {
            $any = true;
            if ($attempt->outOfSequence) {
                $reasons[] = new Reason(Answer::No, sprintf('%s was done before its turn.', ucfirst($joint->placeOf($step))), $joint->joint, $step->position);
            }
        }

        foreach ($any ? $joint->state->doubts ?? [] : [] as $doubt) {
            $reasons[] = new Reason(Answer::InDoubt, "$joint->joint: $doubt", $joint->joint);
        }

        return match (true) {
            $reasons !== [] => $reasons,
            $any => [new Reason(Answer::Yes, "$joint->joint: in the plan’s order".($joint->hasTimeLimits() ? ', and its time limits were kept.' : '; it sets no time limits.'), $joint->joint)],
            default => [new Reason(Answer::NotYet, "$joint->joint: nothing done yet.", $joint->joint)],
        };
    }

    /** @return non-empty-list<Reason> */
    private function tools(): array
    {
        $uses = [];
        foreach ($this->joints as $joint) {
            foreach ($this->liveAttempts($joint) as [, $attempt]) {
                $tool = $attempt->given->tool;
                if ($tool !== null) { // a hand uses none
                    $day = Day::at($attempt->at(), $this->shopZone);
                    $uses[$tool][$day->date] = ($uses[$tool][$day->date] ?? 0) + 1;
                }
            }
        }
        $reasons = [];
        foreach ($uses as $tool => $days) {
            array_push($reasons, ...$this->useOf($this->tools[$tool] ?? null, (string) $tool, $days));
        }

        return $reasons === [] ? [new Reason(Answer::NotYet, 'No tool has been used yet.')] : $reasons;
    }

    /**
     * @param  array<string, int>  $days  number of results by day
     * @return list<Reason>
     */
    private function useOf(?ToolEvidence $tool, string $id, array $days): array
    {
        if ($tool === null) {
            return [new Reason(Answer::No, sprintf('Tool %s, used for %d results, is not known to the crib.', $id, array_sum($days)))];
        }
        ksort($days);
        $reasons = $seen = [];
        foreach ($days as $date => $results) {
            $reason = $this->onDay($tool, Day::of($date), $results);
            if (! isset($seen[$reason->sentence])) {
                $reasons[] = $reason;
            }
            $seen[$reason->sentence] = true;
        }

        return $reasons;
    }

    private function onDay(ToolEvidence $tool, Day $day, int $results): Reason
    {
        $why = $tool->calibrations->whyNotInForce($day);
        if ($why !== null) {
            return new Reason(Answer::No, sprintf('%s was out of calibration on %s: %s. It took %d %s.', $tool->code, $day->words(), $why, $results, $results === 1 ? 'result' : 'results'));
        }
        $then = $tool->calibrations->latestOn($day);
        $next = $tool->calibrations->firstAfter($day);
        $back = $this->lookedBackOn($tool, $day);

        return match (true) {
            // Of a tool that is lost, or was set by a wrong standard, no next calibration will ever say it.
            $tool->stopped !== null && $next === null => new Reason(Answer::InDoubt, sprintf('%s was in calibration, but it is stopped: %s.', $tool->code, $tool->stopped)),
            $back !== null => new Reason($back->answer(), sprintf('%s was in calibration, but %s: %s.', $tool->code, $back->cause, $back->words())),
            $next === null => new Reason(Answer::NotYet, sprintf('%s was in calibration; its next one, due by %s, settles it.', $tool->code, $then?->due->words() ?? 'no date')),
            $next->found === AsFound::Good => new Reason(Answer::Yes, sprintf('%s was in calibration, and good again on %s.', $tool->code, $next->on->words())),
            $next->found === AsFound::Failed => new Reason(Answer::InDoubt, sprintf('%s was in calibration, but failed its next one on %s.', $tool->code, $next->on->words())),
            default => new Reason(Answer::InDoubt, sprintf('%s was in calibration, but on %s nobody could read how it was found.', $tool->code, $next->on->words())),
        };
    }

    /** The gravest of what was looked back at; null when the day lies in no doubtful time. */
    private function lookedBackOn(ToolEvidence $tool, Day $day): ?LookedBack
    {
        $gravest = null;
        foreach ($tool->lookedBack as $back) {
            if ($back->covers($day) && ($gravest === null || $gravest->answer()->and($back->answer()) !== $gravest->answer())) {
                $gravest = $back;
            }
        }

        return $gravest;
    }

    /** @return list<array{Step, Attempt}> the attempts on which the steps of a joint stand, in plan order */
    private function liveAttempts(JointEvidence $joint): array
    {
        $live = [];
        foreach ($joint->plan->steps ?? [] as $step) {
            $attempt = $joint->state?->liveAttempt($step->id);
            if ($attempt !== null) {
                $live[] = [$step, $attempt];
            }
        }

        return $live;
    }
}
