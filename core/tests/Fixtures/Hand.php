<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use RuntimeException;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\StageKinds\TorqueStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\StepBook;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Unit\Written;

/** Does at a bench whatever the core says may be done, and does it well. */
final readonly class Hand
{
    public function __construct(private Bench $bench)
    {
    }

    public function follow(NextAction $way): Outcome
    {
        $at = $way->at;

        return match ($way->do) {
            'step' => $this->step($this->bench->fold->plan->step($at)),
            'loosen' => $this->bench->does('loosened', ['positions' => [$at]]),
            'replace' => $this->bench->does('fastener_replaced', ['position' => $at, 'lot' => 'L']),
            'check_fastener' => $this->bench->does('fastener_checked', ['position' => $at, 'passes' => true]),
            'repair' => $this->bench->does('thread_repaired', ['position' => $at, 'kind' => 'insert']),
            'inspect' => $this->bench->does('inspected', ['at' => $at] + ($this->bench->fold->plan->has($at) ? ['work' => 'adjusted'] : ['finds' => 'sound'])),
            'clean' => $this->bench->does('cleaned', ['positions' => [$at]]),
            'apply' => $this->bench->does('agent_applied', ['agent' => $this->agentOf($at), 'positions' => [$at], 'lot' => 'L']),
            'renew' => $this->bench->does('gasket_replaced', ['gasket' => $at]),
            'fit' => $this->bench->does('fasteners_fitted', ['positions' => [$at], 'lot' => 'L', 'set' => 'real']),
            'mark' => $this->bench->does('marked', ['positions' => [$at], 'mark' => $this->strokeAt($at)]),
            'fit_aid' => $this->fitAid($at),
            'remove_aid' => $this->removeAid($at),
            'set_tool' => $this->bench->does('tool_set', ['tool' => $this->bench->fold->state->tool(ToolUse::Torque)?->tool, 'shows' => $this->value($this->measured($at))->typeset(), 'adapter' => 'A1', 'when' => 'before']),
            'read_setting' => $this->readSetting((string) $this->bench->fold->state->factAt($at, StepBook::SETTING_OPEN)),
            'second_look' => $this->bench->does('second_look', ['steps' => $this->bench->unlooked($at), 'finds' => 'as_recorded'], 'cy'),
            'final_look' => $this->bench->does('final_look'),
            'accept_repair' => $this->bench->does('repair_accepted', ['position' => $at], 'lead'),
            'decide' => $this->bench->does('disposed', ['step' => $at, 'disposition' => 'rework'], 'lead'),
            'partner' => $this->bench->does('second_person_joined', ['second_person' => 'bo']),
            'supervisor' => $this->bench->does('supervisor_joined', ['supervisor' => 'bo']),
            'supervisor_signs' => $this->bench->does('supervisor_signed', ['supervisor' => $this->bench->fold->supervision->supervisor() ?? 'bo', 'meaning' => 'I stood beside it and saw it done.']),
            'measure' => $this->bench->does('free_length_measured', ['position' => $at, 'length' => '2 in']),
            'zero' => $this->bench->does('zeroed', ['position' => $at]),
            'take_up' => $this->bench->does('deferred_work_done', ['steps' => [$at]]),
            'compare' => $this->bench->fold->paper->card() === null ? $this->bench->compares() : $this->bench->does('paper_ended'),
            'finish' => $this->bench->does('run_finished'),
            default => throw new RuntimeException("Nobody knows how to $way->do."),
        };
    }

    public function step(Step $step): Outcome
    {
        return match (true) {
            $step instanceof CheckStep => $this->check($step),
            $step->rules->own instanceof SettleStage => $this->bench->wait(2 * ($step->rules->own->atLeast->seconds ?? 0))->attests($step->id),
            ! $step instanceof MeasuredStep => $this->bench->attests($step->id),
            $step->kind === StageKind::VerificationPass => $this->bench->moved($step->id, false),
            $this->bench->fold->judge->adapter($step) !== null => $this->bench->does('reading_taken', ['step' => $step->id, 'value' => $this->value($step)->typeset(), 'tool' => $this->bench->tool(), 'adapter' => 'A1']),
            default => $this->bench->reads($step->id, $this->value($step)->typeset(), $this->watched($step)),
        };
    }

    private function measured(string $step): MeasuredStep
    {
        $step = $this->bench->fold->plan->step($step);

        return $step instanceof MeasuredStep ? $step : throw new RuntimeException('Nothing is set for that.');
    }

    private function strokeAt(string $position): string
    {
        foreach ($this->bench->fold->marks->wanting() as $mark) {
            if ($mark->position === $position) {
                return $mark->after ?? 'last';
            }
        }

        return 'last';
    }

    /** Each piece at a place of its own. */
    private function fitAid(string $aid): Outcome
    {
        for ($place = 1; $this->bench->fold->aids->pieces($aid) < $this->bench->fold->plan->rigging->aids[$aid]->pieces; $place++) {
            $outcome = $this->bench->does('aid_fitted', ['aid' => $aid, 'at' => "place$place"]);
        }

        return $outcome ?? throw new RuntimeException('It is in.');
    }

    private function removeAid(string $aid): Outcome
    {
        for ($left = $this->bench->fold->aids->pieces($aid); $left > 0; $left--) {
            $outcome = $this->bench->does('aid_removed', ['aid' => $aid, 'at' => 'joint']);
        }

        return $outcome ?? throw new RuntimeException('It is out.');
    }

    private function readSetting(string $tool): Outcome
    {
        return $this->bench->does('tool_set', ['tool' => $tool, 'shows' => $this->bench->fold->tools->shows($tool)?->typeset() ?? '1 N·m', 'adapter' => $this->bench->fold->tools->adapterOn($tool), 'when' => 'after']);
    }

    /** What its partner says, or what teardown had found. */
    private function stampFor(CheckStep $step): string
    {
        $with = $this->bench->fold->plan->checks[$step->check]->compareWith;
        foreach ($with === null ? [] : $this->bench->fold->plan->steps as $other) {
            if ($other instanceof CheckStep && $other->check === $with && $other->position === $step->position) {
                return (string) $this->bench->fold->state->factAt($other->id, StepBook::IDENTITY);
            }
        }

        return $this->bench->fold->state->factAt($step->id, StepBook::STAMPED) ?? 'K7';
    }

    /** What belongs on the threads there: by the key of what has a working time, else by its name. */
    private function agentOf(string $position): string
    {
        $group = $this->bench->fold->plan->positions[$position]->group;
        $agents = array_values(array_filter($this->bench->fold->plan->agents, fn (Agent $a): bool => $a->groups === [] || in_array($group, $a->groups, true)));
        $timed = array_values(array_filter($agents, fn (Agent $a): bool => $a->workingTime !== null));
        $agent = $timed[0] ?? $agents[0] ?? null;

        return $agent?->key ?: strtr($agent->condition ?? 'oil', ' ', '_');
    }

    private function value(MeasuredStep $step): Written
    {
        $own = $step->rules->own;
        $value = $step->target ?? self::limit($step->window);
        $free = $own instanceof StretchStage && $own->absolute ? $this->bench->fold->fasteners->freeLength($step->position) : null;
        $prevailing = $own instanceof TorqueStage && $own->prevailingFrom !== null ? $this->bench->fold->steps->live(Step::idOf($own->prevailingFrom, $step->position))?->given->value : null;
        foreach ([$free, $prevailing] as $more) {
            $value = $more === null ? $value : $value->plus($more);
        }

        return $this->bench->fold->judge->adapter($step)?->settingFor($value) ?? $value;
    }

    /** @return list<string> */
    private function watched(MeasuredStep $step): array
    {
        $own = $step->rules->own;
        $held = $own instanceof HoldStage ? $own->held->window : null;

        return array_map(fn (Window $w): string => self::limit($w)->typeset(), [...$step->monitored, ...($held === null ? [] : [$held])]);
    }

    private function check(CheckStep $step): Outcome
    {
        $check = $this->bench->fold->plan->checks[$step->check];
        $limit = $check->window === null ? '' : self::limit($check->answer->shop ?? $check->window)->typeset();

        return match ($check->kind) {
            CheckKind::Feel => $this->bench->does('check_answered', ['step' => $step->id, 'feel' => 'as before']),
            CheckKind::Identity => $this->bench->does('identity_read', ['step' => $step->id, 'reads' => $this->stampFor($step)]),
            CheckKind::Confirm, CheckKind::GoNoGo => $this->bench->answers($step->id, true, false),
            CheckKind::Interval => $this->bench->reads($step->id, $limit, [$limit]),
            CheckKind::Measure => $this->bench->reads($step->id, $limit),
            CheckKind::Compare => $this->bench->reads($step->id, $this->bench->fold->steps->valueOfCheck((string) $check->compareWith, $step)?->typeset() ?? $limit),
        };
    }

    private static function limit(?Window $window): Written
    {
        return $window->low ?? $window->high ?? throw new RuntimeException('There is nothing to aim at.');
    }
}
