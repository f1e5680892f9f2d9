<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Brick\Math\RoundingMode;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\PaintMarks;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunPhase;
use Tekkal\Core\Run\RunState;
use Tekkal\Core\Run\Stamp;
use Tekkal\Core\Run\StepBook;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Unit\AngleUnit;
use Tekkal\Core\Unit\Written;

/**
 * All that a bench shows of a run: the call, how far each round is, the paint that must be on the metal, what was taken last,
 * what is drying. Made by the same core beside the screen and on the server.
 */
final readonly class BenchView
{
    private RunState $state;

    public function __construct(private RunFold $run, private Rack $rack)
    {
        $this->state = $run->freeze();
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        $advice = new Advice($this->run);
        $ways = $advice->nextActions();
        $call = (new Caller($this->run, $this->rack))->call($ways);
        $rounds = $this->rounds();

        return [
            'call' => $call->toArray(), 'tools' => $this->tools($call),
            'done' => array_sum(array_column($rounds, 'done')), 'all' => count($this->run->plan->steps), 'rounds' => $rounds,
            'marks' => $this->marks($call), 'last' => $this->last(), 'wet' => $this->wet(),
            'put_off' => $this->putOff(), 'blocks' => $advice->nextStep($ways) === null && ! $this->run->isFinished() ? $this->run->whyNotFinish() : [],
            'card' => $this->run->paper->card(), 'parked' => $this->run->state->run()->is === RunPhase::Parked, 'finished' => $this->run->isFinished(), 'last_seq' => $this->state->lastSeq(),
            'next_step' => $advice->nextStep($ways), 'stopped_at' => $this->run->stoppedAt(),
        ];
    }

    /** @return list<array<string, mixed>> for each tool that the step needs: what could be taken instead */
    private function tools(Call $call): array
    {
        $step = $call->step === null ? null : $this->run->plan->step($call->step);
        [$needs, $tools] = [new Needs($this->run), new ToolCalls($this->run, $this->rack, new Needs($this->run))];

        return $step === null ? [] : array_map(fn (Need $need): array => $tools->offers($step, $need)->toArray(), $needs->of($step));
    }

    /** @return list<array{stage: string, done: int, all: int}> in order; a repeat that is not needed is left out */
    private function rounds(): array
    {
        $rounds = [];
        foreach ($this->run->plan->steps as $step) {
            $status = $this->state->status($step->id);
            $rounds[$step->stage] ??= ['stage' => $step->stage, 'done' => 0, 'all' => 0];
            $rounds[$step->stage]['all'] += $status === StepStatus::NotNeeded || ($step->isConditional() && $status === StepStatus::ToDo) ? 0 : 1;
            $rounds[$step->stage]['done'] += $status === StepStatus::Done ? 1 : 0;
        }

        return array_values($rounds);
    }

    /** @return list<array<string, mixed>> by position: strokes by their evidence, old ones, a fault, and where a paint line points and must point */
    private function marks(Call $call): array
    {
        $turned = $call->kind === CallKind::Turn && $call->step !== null ? $this->run->plan->step($call->step)->stage : null;
        $marks = $lines = [];
        foreach (PaintMarks::of($this->state) as $position => $mark) {
            $must = $turned === null ? null : $this->must((string) $position, $turned, $mark->line);
            $marks[] = ['position' => (string) $position, 'strokes' => array_column($mark->strokes, 'value'), 'old' => $mark->oldStrokes]
                + ($mark->fault === null ? [] : ['fault' => $mark->fault->word()])
                // A round turns all its positions alike.
                + ($mark->line === null ? [] : ['line' => $lines[$mark->line->code()] ??= Doubt::in($mark->line, AngleUnit::Degree)])
                + ($must === null ? [] : ['must' => $lines[$must->code()] ??= Doubt::in($must, AngleUnit::Degree)]);
        }

        return $marks;
    }

    /** Where the line of a position must point once the round is done, degrees from where it was drawn; null where the round is done there, or does not turn it. */
    private function must(string $position, string $stage, ?Written $line): ?Written
    {
        foreach ($this->run->steps->stepsOf($stage) as $step) {
            if ($step->position === $position && $step instanceof MeasuredStep && $step->kind === StageKind::Turn && $step->target !== null && $this->run->steps->status($step)->isOpen()) {
                $sum = $line === null ? $step->target : $line->plus($step->target, RoundingMode::HALF_UP);

                return $sum->withoutWholeTurns();
            }
        }

        return null;
    }

    /** @return array<string, mixed>|null what somebody did last and still stands: it stays in sight, and can be taken back where it was typed */
    private function last(): ?array
    {
        $last = $this->run->state->lastLive();

        return $last === null ? null : $this->told($last);
    }

    /** @return array<string, mixed> */
    private function told(Attempt $attempt): array
    {
        $step = $this->run->plan->step($attempt->stood->step);

        return [
            'reading' => $attempt->id(), 'step' => $step->id, 'stage' => $step->stage, 'title' => ucfirst($this->run->names->called($step->position)),
            'position' => isset($this->run->plan->positions[$step->position]) ? $step->position : null,
            'value' => $attempt->given->value?->typeset(), 'word' => $attempt->judgement->verdict->word(), 'good' => $attempt->judgement->verdict->isGood(),
            'reason' => $attempt->judgement->reason, 'typed' => $attempt->given->value !== null && $attempt->given->source->mayBeWithdrawn(), 'at' => $attempt->at()->format('Y-m-d\TH:i:s.v\Z'),
            'mono_ms' => $attempt->stamp->monoMs, 'clock' => $attempt->stamp->clock,
        ];
    }

    /** @return list<array<string, mixed>> what was put off, once for each place: why, and how it is taken up again */
    private function putOff(): array
    {
        $first = [];
        foreach ($this->run->steps->hasDeferred() ? $this->run->plan->steps : [] as $step) {
            $reason = $this->run->state->factAt($step->id, StepBook::PUT_OFF);
            $first[$step->position] ??= $reason === null ? null : [
                'step' => $step->id, 'says' => ucfirst($this->run->names->step($step)), 'reason' => $reason, 'event' => ['type' => 'deferred_work_done', 'steps' => [$step->id]],
            ];
        }

        return array_values(array_filter($first));
    }

    /** @return list<array<string, mixed>> what is on threads and has a working time: since when, and how long it holds */
    private function wet(): array
    {
        $wet = [];
        foreach ($this->run->expiry->running() as $running) {
            $stamps = array_values($running['positions']);
            usort($stamps, fn (Stamp $a, Stamp $b): int => $a->at <=> $b->at);
            $wet[] = ['agent' => $this->condition($running['agent']), 'seconds' => $running['seconds'], 'count' => count($stamps), 'since' => $stamps[0]->bare()->toBody()];
        }

        return $wet;
    }

    private function condition(string $agent): string
    {
        foreach ($this->run->plan->agents as $one) {
            if ($one->key === $agent) {
                return $one->condition;
            }
        }

        return $agent;
    }
}
