<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Run\WatchedQuantity;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** The call of a step whose tools are there. */
final readonly class StepCalls
{
    private CheckCalls $checks;

    public function __construct(private RunFold $run, private Rack $rack, private Needs $needs)
    {
        $this->checks = new CheckCalls($run, $rack);
    }

    public function call(Step $step): Call
    {
        return match (true) {
            $step instanceof CheckStep => $this->checks->call($step),
            $step->rules->own instanceof SettleStage => $this->settle($step, $step->rules->own),
            ! $step instanceof MeasuredStep => $this->byHand($step),
            $this->needs->window($step) === null => new Call(CallKind::Lead, $this->title($step), ['A value is missing in the document. Only the lead can say it, in a new revision.'], new At($step->id, $this->position($step))),
            $step->kind === StageKind::VerificationPass => $this->verify($step),
            default => $this->pulled($step),
        };
    }

    /** A free length, or the zero of the comparator, on a fastener that nothing loads. */
    public function freeFastener(NextAction $way, Step $step): Call
    {
        $tool = $this->tool(ToolUse::Length);
        $title = $this->title($step);
        if ($way->do === 'zero') {
            return (new Call(
                CallKind::Hand, $title,
                ['Zero the gauge on the free bolt.', 'Both seats clean; the needle comes back to nought when it is lifted off and put on again.', $tool->words()],
                new At($step->id, $this->position($step)),
                answers: [Answer::event('Enter', 'It is zeroed', ['type' => 'zeroed', 'position' => $way->at])],
            ))->with(['act' => 'zero']);
        }

        return $this->measure($step, $tool);
    }

    private function measure(Step $step, RackTool $tool): Call
    {
        return (new Call(
            CallKind::Check, $this->title($step),
            ['Measure its free length, before anything loads it.', $tool->words()],
            new At($step->id, $this->position($step)),
            fields: [Field::value('length', 'Free length', Scale::of($tool, null, null))],
            answers: [Answer::event('Enter', 'Free length', ['type' => 'free_length_measured', 'position' => $step->position], ['length'])],
        ))->with(['act' => 'measure']);
    }

    /**
     * @param  list<array{positions: array{string, string}, apart: Written, together: bool}>  $pairs
     * @return array<string, mixed> which bolts go together by their free lengths, and how one is measured that has changed its place
     */
    private function paired(array $pairs, MeasuredStep $step, RackTool $tool): array
    {
        return $pairs === [] ? [] : [
            'pairs' => array_map(fn (array $p): array => ['positions' => $p['positions'], 'apart' => $p['apart']->typeset(), 'together' => $p['together']], $pairs),
            'another' => $this->measure($step, $tool)->with(['back' => true])->toArray(),
        ];
    }

    /** @param  non-empty-list<array{positions: array{string, string}, apart: Written, together: bool}>  $pairs */
    private function pairsInWords(array $pairs): string
    {
        $apart = array_filter($pairs, fn (array $p): bool => ! $p['together']);
        $number = fn (string $position): string => $this->run->plan->positions[$position]->number;

        return $apart === [] ? 'The bolts of each part are the nearest in length.'
            : 'Nearest in length: '.implode(', ', array_map(fn (array $p): string => sprintf('%s with %s (%s)', $number($p['positions'][0]), $number($p['positions'][1]), $p['apart']->typeset()), $pairs)).'. Put each two on one part; one that changes its place is measured again there.';
    }

    private function pulled(MeasuredStep $step): Call
    {
        $tool = $this->tool($this->needs->main($step)->use ?? ToolUse::Torque);
        $own = $step->rules->own;
        $scale = Scale::of($tool, $this->needs->target($step), $this->needs->window($step));
        $stretch = $own instanceof StretchStage && ! $this->needs->isByTorqueAlone($step);

        return match (true) {
            $step->quantity() === Kind::Angle => $this->turn($step, $tool, $scale),
            $stretch => $this->stretch($step, $own, $tool, $scale),
            $tool->clicks() => $this->click($step, $tool, $scale),
            default => $this->read($step, $tool, $scale),
        };
    }

    private function read(MeasuredStep $step, RackTool $tool, Scale $scale): Call
    {
        $held = $step->rules->own instanceof HoldStage;
        $fields = [Field::value('value', "Reading of {$tool->tool->code}", $scale), ...$this->watched($step, ToolUse::Torque)];

        return (new Call(
            $held ? CallKind::Hold : CallKind::Read, $this->title($step),
            $this->how($step, $tool),
            new At($step->id, $this->position($step)),
            $scale,
            $fields,
            [Answer::event('Enter', 'Take', $this->reading($step, $tool), self::names($fields))],
        ))->with($this->pair($step));
    }

    private function click(MeasuredStep $step, RackTool $tool, Scale $scale): Call
    {
        $fields = $this->watched($step, ToolUse::Torque);
        $held = $step->rules->own instanceof HoldStage;
        $says = [...$this->how($step, $tool), sprintf('%s stands at %s by its scale.', $tool->tool->code, $this->run->tools->shows($tool->id)?->typeset() ?? 'nothing that was read')];
        $answers = [Answer::event('Enter', $this->title($step).' clicked', ['type' => 'click_attested', 'step' => $step->id, 'tool' => $tool->id], self::names($fields))];

        return (new Call(
            $held ? CallKind::Hold : CallKind::Click, $this->title($step),
            $says,
            new At($step->id, $this->position($step)),
            $scale,
            $fields,
            $answers,
        ))->with($this->pair($step) + $this->wholeRound($step, $tool->id) + ['least_ms' => $this->leastMs($step)]);
    }

    private function turn(MeasuredStep $step, RackTool $tool, Scale $scale): Call
    {
        $oneMotion = $step->rules->motion->oneMotion;
        $event = $oneMotion ? $this->reading($step, $tool) : ['type' => 'stroke_added', 'step' => $step->id, 'tool' => $tool->id];
        $into = $oneMotion ? 'value' : 'angle';
        $fields = [Field::value($into, $oneMotion ? "Angle by {$tool->tool->code}" : "This stroke by {$tool->tool->code}", $scale), ...($oneMotion ? $this->watched($step, ToolUse::Angle) : [])];
        $threshold = $step->threshold();
        $sum = $this->run->state->sum($step->id);

        return (new Call(
            CallKind::Turn, $this->title($step),
            [($threshold === null ? '' : "from {$threshold->typeset()}, ").($oneMotion ? 'in one free motion' : 'may be ratcheted'), ...$this->surfaces($step), $tool->words().($oneMotion ? ': zero it here' : ': zero it for each stroke')],
            new At($step->id, $this->position($step)),
            $scale,
            $fields,
            [Answer::event('Enter', $oneMotion ? 'Take' : 'Add the stroke', $event, self::names($fields))],
        ))->with(['strokes' => ! $oneMotion] + ($sum === null ? [] : ['sum' => Doubt::in($sum, $scale->unit)]));
    }

    private function stretch(MeasuredStep $step, StretchStage $own, RackTool $tool, Scale $scale): Call
    {
        $free = $own->absolute ? $this->run->fasteners->freeLength($step->position) : null;
        $window = $free === null ? $this->needs->window($step) : $this->needs->window($step)?->raisedBy($free);
        $read = $free === null ? $scale : Scale::of($tool, null, $window);
        $fields = [Field::value('value', $own->absolute ? 'Length now' : 'What the gauge shows', $read), ...$this->watched($step, ToolUse::Length), ...$this->ceiling($own)];
        $limit = $this->run->plan->fastenerAt($step->position)?->neverExceed;
        $pairs = (new Pairing($this->run))->pairs($step);

        return (new Call(
            CallKind::Stretch, $this->title($step),
            array_values(array_filter([
                match (true) {
                    // What shared the part with one that was scrapped is measured, and nothing else is done to it.
                    $this->run->state->live($step->id) !== null => 'Measure it again where it stands; do not tighten it.',
                    $own->absolute => 'Tighten, then measure the whole bolt.',
                    default => 'Tighten until the gauge shows it, then read.',
                },
                $own->ceiling === null ? null : "Never above {$own->ceiling->typeset()} on the way.",
                $free === null ? null : "Its free length was {$free->typeset()}.",
                $pairs === [] ? null : $this->pairsInWords($pairs),
                ...$this->surfaces($step), $tool->words(),
            ])),
            new At($step->id, $this->position($step)),
            $scale,
            $fields,
            [Answer::event('Enter', 'Take', $this->reading($step, $tool), self::names($fields))],
        ))->with(($limit === null ? [] : ['never' => Doubt::in($limit, $scale->unit)]) + $this->paired($pairs, $step, $tool));
    }

    private function verify(MeasuredStep $step): Call
    {
        $tool = $this->tool(ToolUse::Torque);
        $event = fn (bool $moved): array => ['type' => 'movement_seen', 'step' => $step->id, 'moved' => $moved, 'tool' => $tool->id];
        $last = $step->rules->passes() > 1 ? ["Pass $step->pass of at most {$step->rules->passes()}: until none moves."] : [];

        return (new Call(
            CallKind::Verify, $this->title($step),
            [$tool->clicks() ? 'until it clicks, once' : 'until it shows it, once', ...$last, ...$this->surfaces($step), $tool->words()],
            new At($step->id, $this->position($step)),
            Scale::of($tool, $this->needs->target($step), $this->needs->window($step)),
            answers: [Answer::event('Enter', 'It stood still', $event(false)), Answer::event('*', 'It moved', $event(true), good: false)],
        ))->with(['least_ms' => $this->leastMs($step)]);
    }

    private function byHand(Step $step): Call
    {
        $window = $step->goal()?->window;
        $little = $step->rules->own->atATime();
        $says = array_values(array_filter([
            $step->kind === StageKind::Loosen ? 'Back it off.' : 'Run it down to contact.',
            $window === null ? null : "Powered only up to {$window->typeset()}.",
            $little === null ? null : "All in their order, {$little->typeset()} at a time, again and again.",
            ...$this->surfaces($step),
        ]));
        $done = $step->kind === StageKind::Loosen ? 'is loose' : 'is seated';

        return (new Call(
            CallKind::Hand, $this->title($step),
            [$this->line($step), ...$says],
            new At($step->id, $this->position($step)),
            answers: [Answer::event('Enter', $this->title($step).' '.$done, ['type' => 'step_attested', 'step' => $step->id])],
        ))->with($this->wholeRound($step, null) + ['act' => $step->kind->value]);
    }

    private function settle(Step $step, SettleStage $own): Call
    {
        $since = $this->run->state->lastResult();
        [$least, $most] = [$own->atLeast, $own->atMost];
        if ($this->run->paper->card() !== null) {
            return new Call(
                CallKind::Hand, 'Settled for '.($least->printed ?? $most?->printed), ['As the card says. When that was, nobody can prove here.'],
                new At($step->id), answers: [Answer::event('Enter', 'So it says', ['type' => 'step_attested', 'step' => $step->id])],
            );
        }

        return (new Call(
            CallKind::Settle, $least === null ? "Go on within {$most?->printed}" : "Wait {$least->printed}",
            [...($most === null || $least === null ? [] : ["At most {$most->printed}."]), 'The time goes on with the page closed.'],
            new At($step->id),
            answers: [Answer::event('Enter', 'It has settled', ['type' => 'step_attested', 'step' => $step->id])],
        ))->with(array_filter(['least_s' => $least?->seconds, 'most_s' => $most?->seconds, 'since' => $since?->bare()->toBody()], fn (mixed $v): bool => $v !== null));
    }

    /** @return array<string, mixed> how it is answered for the whole round, where its evidence may be so */
    private function wholeRound(Step $step, ?string $tool): array
    {
        if ($step->rules->result->evidence !== Attestation::AsRound || $this->run->faults->cases->openCases() !== []) {
            return [];
        }
        $all = $this->run->steps->stepsOf($step->stage, $step->leg);
        $open = array_values(array_filter($all, fn (Step $s): bool => $this->run->steps->status($s)->isOpen() && $s->pass === $step->pass));
        if (count($open) !== count($all) || count($all) < 2) {
            return [];
        }
        $event = ['type' => 'round_attested', 'stage' => $step->stage] + ($step->leg === null ? [] : ['leg' => $step->leg]) + ($tool === null ? [] : ['tool' => $tool]);
        $call = (new Call(
            CallKind::Count, 'How many heads carry the mark?',
            ['Count on the metal, not on the screen.', 'Paint each one when it has had its round; then count the paint.'],
            new At($step->id),
            fields: [Field::count('marks', 'Marks counted')],
            answers: [Answer::event('Enter', 'Counted', $event, ['marks'])],
        ))->with(['expects' => count($all), 'back' => true]);

        return ['round' => $call->toArray()];
    }

    /** @return list<Field> what is watched beside the value; the torque held shown by the partner's tool */
    private function watched(MeasuredStep $step, ToolUse $main): array
    {
        $fields = [];
        $held = $this->rack->tool($this->run->state->tool(ToolUse::Held)?->tool);
        if ($step->rules->own instanceof HoldStage && $step->rules->own->held->window !== null && $held !== null) {
            $fields[] = Field::watched(WatchedQuantity::HeldTorque, "Held with {$held->tool->code}", Scale::of($held, $step->rules->own->held->torque, $step->rules->own->held->window), $held->id);
        }
        foreach ($step->monitored as $window) {
            $use = ToolUse::from($window->kind()->value);
            $tool = $this->tool($use);
            $shown = $window->kind() === Kind::Torque ? $this->run->plan->adapterAt($step->position)?->setting($window) ?? $window : $window;
            $what = WatchedQuantity::of($window->kind());
            $fields[] = Field::watched($what, ucfirst($what->words())." by {$tool->tool->code}", Scale::of($tool, null, $shown), $use === $main ? null : $tool->id);
        }

        return $fields;
    }

    /** @return list<Field> the highest torque on the way, where a wrench was at hand that showed it */
    private function ceiling(StretchStage $own): array
    {
        $tool = $this->rack->tool($this->run->state->tool(ToolUse::Torque)?->tool);

        return $own->ceiling === null || $tool === null || $tool->clicks() ? [] : [Field::watched(WatchedQuantity::FinalTorque, "Most on the way, {$tool->tool->code}", Scale::of($tool, null, new Window(null, $own->ceiling)), $tool->id, optional: true)];
    }

    /** @return array<string, mixed> what the partner does meanwhile */
    private function pair(MeasuredStep $step): array
    {
        $held = $step->rules->own instanceof HoldStage ? $step->rules->own->held : null;
        $tool = $held === null ? null : $this->rack->tool($this->run->state->tool(ToolUse::Held)?->tool);

        return $held === null ? [] : ['held' => array_filter([
            'what' => $held->part(), 'direction' => $held->direction, 'tool' => $tool?->words(),
            'scale' => $tool === null ? null : Scale::of($tool, $held->torque, $held->window)->toArray(),
        ], fn (mixed $v): bool => $v !== null)];
    }

    /** @return array<string, mixed> */
    private function reading(MeasuredStep $step, RackTool $tool): array
    {
        $adapter = $this->run->judge->adapter($step) ?? ($this->needs->isByTorqueAlone($step) ? $this->run->plan->adapterAt($step->position) : null);

        return ['type' => 'reading_taken', 'step' => $step->id, 'tool' => $tool->id] + ($adapter === null ? [] : ['adapter' => $adapter->key]);
    }

    /** @return list<string> */
    private function how(MeasuredStep $step, RackTool $tool): array
    {
        $motion = $step->rules->motion->oneMotion ? 'in one free motion' : 'may be ratcheted';
        $adapter = $this->run->judge->adapter($step);

        return array_values(array_filter([
            $tool->clicks() ? "until it clicks once, $motion" : $motion,
            $adapter === null ? null : "With $adapter->name on.",
            $step->rules->reaction() === null ? null : "The reaction is taken by {$step->rules->reaction()}.",
            ...$this->surfaces($step), $tool->words(),
        ]));
    }

    /** @return list<string> the surface condition belongs to the number */
    private function surfaces(Step $step): array
    {
        $group = $this->run->plan->positions[$step->position]->group ?? null;
        $said = [];
        foreach ($this->run->plan->agents as $agent) {
            if ($group !== null && ($agent->groups === [] || in_array($group, $agent->groups, true))) {
                $said[$agent->condition][] = $agent->surface;
            }
        }

        return array_map(fn (string $condition, array $surfaces): string => "$condition on ".implode(' and ', $surfaces), array_keys($said), $said);
    }

    /** The least that lies between two of them, ms: a fifth of what one usually takes. Common practice, no source. */
    private function leastMs(Step $step): int
    {
        // What was pulled long ago is typed as fast as one reads.
        return $this->run->paper->card() === null ? $step->kind->declaration()->handling->seconds * 200 : 0;
    }

    private function tool(ToolUse $use): RackTool
    {
        $tool = $this->rack->tool($this->run->state->tool($use)?->tool);
        assert($tool !== null);

        return $tool;
    }

    private function title(Step $step): string
    {
        return ucfirst($this->run->names->called($step->position));
    }

    private function line(Step $step): string
    {
        return ucfirst($this->run->names->waited($step->stage));
    }

    private function position(Step $step): ?string
    {
        return isset($this->run->plan->positions[$step->position]) ? $step->position : null;
    }

    /**
     * @param  list<Field>  $fields
     * @return list<string>
     */
    private static function names(array $fields): array
    {
        return array_map(fn (Field $f): string => $f->name, $fields);
    }
}
