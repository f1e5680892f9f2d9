<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunPhase;
use Tekkal\Core\Run\StepBook;
use Tekkal\Core\Run\ToolUse;

/**
 * What a bench asks of the person in front of it, from what the rules say may be done: one thing at a time, with all that
 * belongs to it. Whoever answers every call carries the procedure out to its end.
 */
final readonly class Caller
{
    /** Only somebody else than the one at the bench can do these. */
    private const FOR_THE_LEAD = ['decide', 'accept_repair'];

    private Stops $stops;

    private StepCalls $steps;

    private ToolCalls $tools;

    private HandCalls $hands;

    private PreparationCalls $preparations;

    private Halting $halting;

    public function __construct(private RunFold $run, Rack $rack)
    {
        $needs = new Needs($run);
        $this->stops = new Stops($run, new Pace($rack->known));
        $this->tools = new ToolCalls($run, $rack, $needs);
        $this->steps = new StepCalls($run, $rack, $needs);
        $this->hands = new HandCalls($run);
        $this->preparations = new PreparationCalls($run, $rack->known);
        $this->halting = new Halting($run, $rack->stops);
    }

    /** @param  list<NextAction>|null  $ways  what may be done, where somebody has asked already */
    public function call(?array $ways = null): Call
    {
        $ways ??= (new Advice($this->run))->nextActions();
        $here = array_values(array_filter($ways, fn (NextAction $w): bool => ! in_array($w->do, self::FOR_THE_LEAD, true)));
        $way = $here[0] ?? $ways[0] ?? null;
        if ($way === null) {
            return $this->run->state->run()->is === RunPhase::Opened ? (new Call(CallKind::Finished, 'Opened again'))->with(['act' => 'opened']) : new Call(CallKind::Finished, 'Finished');
        }
        $stop = $this->stops->toArray();
        $call = $this->by($way)->with($stop === null || in_array($way->do, ['step', 'set_tool', 'read_setting'], true) ? [] : ['stop' => $stop]);

        return $this->halting->instead($call) ?? $call;
    }

    private function by(NextAction $way): Call
    {
        return match ($way->do) {
            'step' => $this->step($way->at),
            'set_tool' => $this->withTool($way->at, fn (MeasuredStep $step): Call => $this->tools->set($step)),
            'read_setting' => $this->tools->readAgain($way->at, (string) $this->run->state->factAt($way->at, StepBook::SETTING_OPEN)),
            'measure', 'zero' => $this->freeFastener($way),
            default => $this->hands->call($way),
        };
    }

    private function step(string $id): Call
    {
        $step = $this->run->plan->step($id);

        $first = $this->preparations->before($step) ?? $this->tools->before($step);
        $unmeasured = $first === null ? (new Pairing($this->run))->unmeasured($step) : null;

        return $first ?? ($unmeasured === null ? $this->steps->call($step) : $this->freeFastener(new NextAction('measure', $unmeasured, '')));
    }

    /** @param  callable(MeasuredStep): Call  $then */
    private function withTool(string $id, callable $then): Call
    {
        $step = $this->run->plan->step($id);
        assert($step instanceof MeasuredStep);

        return $this->tools->missing($step) ?? $then($step);
    }

    /** Its free length, or the zero on it, is taken with the gauge that reads its stretch later. */
    private function freeFastener(NextAction $way): Call
    {
        foreach ($this->run->steps->stepsAt($way->at) as $step) {
            $need = (new Needs($this->run))->main($step);
            if ($need?->use === ToolUse::Length) {
                // The zero is on the very fastener that goes in.
                return $this->preparations->before($step) ?? $this->tools->choice($step, $need) ?? $this->steps->freeFastener($way, $step);
            }
        }

        return $this->hands->call($way);
    }
}
