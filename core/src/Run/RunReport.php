<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Step;

/** A run as plain data: state, next steps, verdicts. */
final readonly class RunReport
{
    public function __construct(private RunFold $run)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $state = $this->run->freeze();
        $advice = new Advice($this->run);

        return [
            'finished' => $state->finished,
            'next_step' => $advice->nextStep(),
            'interrupted_at' => $state->interruptedAt,
            'under_way' => array_map(fn ($angle): string => $angle->typeset(), $state->underWay),
            'ways_on' => array_map(fn (NextAction $w): array => ['do' => $w->do, 'at' => $w->at, 'sentence' => $w->sentence], $advice->nextActions()),
            'steps' => array_map(fn (Step $s): array => $this->step($state, $s), $this->run->plan->steps),
            'waiting' => array_map(fn (Choice $c): array => ['step' => $c->step, 'allowed' => $c->allowed, 'why' => $c->why], $advice->choices()),
            'faults' => array_map(fn (CaseState $c): array => self::fault($c, new Lacking($this->run->names)), $state->faults),
            'reported' => array_values(array_map(self::ended(...), array_filter($state->cases(), fn (CaseState $c): bool => ! $c->isOpen()))),
            'tools_out' => array_map(fn (string $tool, string $why): array => ['tool' => $tool, 'why' => Fault::from($why)->words()], array_keys($this->run->tools->out()), array_values($this->run->tools->out())),
            'wet' => array_map(fn (array $r): array => ['agent' => $r['agent'], 'seconds' => $r['seconds'], 'positions' => array_map(strval(...), array_keys($r['positions']))], $this->run->expiry->running()),
            'shaft' => ['may_be_turned' => $this->run->turning->whyNot() === [], 'why_not' => array_values($this->run->turning->whyNot())],
            'aids_in' => array_values($this->run->aids->left()),
            'unknown' => $state->unknown(),
            'put_off' => $state->deferred(),
            'in_doubt' => $state->doubts,
            'positions' => $this->positions($state),
            'blocks_finishing' => $this->run->whyNotFinish(),
        ];
    }

    /** @return array<string, mixed> */
    private static function fault(CaseState $case, Lacking $lacking): array
    {
        return [
            'fault' => $case->fault, 'step' => $case->step, 'sentence' => $case->sentence,
            'toLoosen' => $case->positionsFor(DutyKind::Loosen), 'toReplace' => $case->positionsFor(DutyKind::Replace),
            'toCheck' => $case->positionsFor(DutyKind::CheckFastener), 'toRepair' => $case->positionsFor(DutyKind::Repair, DutyKind::AcceptRepair),
            'leadDecides' => $case->leadDecides, 'mayGoOn' => $case->mayGoOn, 'lacks' => $lacking->of($case),
        ];
    }

    /** @return array<string, mixed> a fault that is over leaves its trace */
    private static function ended(CaseState $case): array
    {
        return ['fault' => $case->fault->words(), 'step' => $case->step, 'ended' => $case->end?->value, 'sentence' => $case->sentence];
    }

    /** @return array<string, mixed> */
    private function step(RunState $state, Step $step): array
    {
        $live = $state->liveAttempt($step->id);

        return [
            'step' => $step->id,
            'status' => $state->status($step->id)->value,
            'verdict' => $live?->judgement->verdict->value,
            'evidence' => $live?->judgement->evidence->value,
            'reason' => $live?->judgement->reason,
            'attempts' => count($state->attemptsAt($step->id)),
        ];
    }

    /** @return list<array<string, mixed>> */
    private function positions(RunState $state): array
    {
        $positions = [];
        foreach (PaintMarks::of($state) as $position => $marks) {
            $positions[] = [
                'position' => $position,
                'strokes' => count($marks->strokes),
                'old_strokes' => $marks->oldStrokes,
                'line' => $marks->line?->typeset(),
                'marked' => $state->marked($position),
                'cycles' => $state->cycles($position),
                'replaced' => $state->replaced($position),
                'weakest_evidence' => $marks->weakest()?->value,
            ];
        }

        return $positions;
    }
}
