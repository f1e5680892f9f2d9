<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;

/** What has to be got ready of tools before a step: which goes to the bench, what it is set to. */
final readonly class ToolCalls
{
    public function __construct(private RunFold $run, private Rack $rack, private Needs $needs)
    {
    }

    /** Whatever of tools is missing before a step, the first of it; null where it can be done. */
    public function before(Step $step): ?Call
    {
        return $this->missing($step) ?? ($step instanceof MeasuredStep && $this->isSetBefore($step) && ! $this->isSet($step) ? $this->set($step) : null);
    }

    public function missing(Step $step): ?Call
    {
        foreach ($this->needs->of($step) as $need) {
            $call = $this->choice($step, $need);
            if ($call !== null) {
                return $call;
            }
        }

        return null;
    }

    /** Null where a tool that may be used was taken for it. */
    public function choice(Step $step, Need $need): ?Call
    {
        $taken = $this->rack->tool($this->run->state->tool($need->use)?->tool);

        return $taken !== null && $this->whyNot($taken, $need) === [] ? null : $this->offers($step, $need);
    }

    /** Every tool of its kinds, fit or not, to be chosen from; those that may not be used say why. */
    public function offers(Step $step, Need $need): Call
    {
        $offers = $answers = [];
        foreach ($this->rack->ofKinds($need->kinds) as $tool) {
            $reasons = $this->whyNot($tool, $need);
            $key = $reasons === [] && count($answers) < 9 ? (string) (count($answers) + 1) : null;
            $offers[] = ['id' => $tool->id, 'code' => $tool->tool->code, 'name' => $tool->name, 'range' => $tool->tool->range->typeset(), 'reasons' => $reasons] + ($key === null ? [] : ['key' => $key]);
            if ($key !== null) {
                $answers[] = Answer::event($key, $tool->tool->code, ['type' => 'tool_taken', 'quantity' => $need->use->value, 'tool' => $tool->id]);
            }
        }
        usort($offers, fn (array $a, array $b): int => count($a['reasons']) <=> count($b['reasons']) ?: strnatcmp($a['code'], $b['code']));
        $what = $need->use === ToolUse::Held ? 'the tool that your partner holds with' : $need->kinds[0]->withArticle();

        return (new Call(
            CallKind::Tool, "Take $what",
            [...self::sentence($need), ...($answers === [] ? ['None of the crib may be used for it today. Put the work off and tell the crib keeper.'] : [])],
            new At($step->id, $this->position($step)),
            answers: $answers,
        ))->with(['offers' => $offers, 'use' => $need->use->value]);
    }

    /** Set to what the step asks for, and what its scale shows is typed: nothing is filled in. */
    public function set(MeasuredStep $step): Call
    {
        $tool = $this->taken($step);
        $adapter = $this->run->judge->adapter($step);
        $scale = Scale::of($tool, $this->needs->target($step), $this->needs->window($step));
        $content = ['type' => 'tool_set', 'tool' => $tool->id, 'when' => 'before'] + ($adapter === null ? [] : ['adapter' => $adapter->key]);

        return new Call(
            CallKind::Set, 'Set the wrench',
            [...($adapter === null ? [] : ["Put $adapter->name on."]), 'Set it, lock the grip, then look at it again.', 'What does its scale show?', $tool->words()],
            new At($step->id, $this->position($step)),
            $scale,
            [Field::value('shows', "What the scale of {$tool->tool->code} shows", $scale)],
            [Answer::event('Enter', 'It shows', $content, ['shows'])],
        );
    }

    /** After its round, or with its adapter still on: does it still stand where it stood? */
    public function readAgain(string $step, string $tool): Call
    {
        $of = $this->rack->tool($tool);
        $adapter = $this->run->tools->adapterOn($tool);
        $content = ['type' => 'tool_set', 'tool' => $tool, 'when' => 'after'] + ($adapter === null ? [] : ['adapter' => $adapter]);
        $shown = $this->run->tools->shows($tool);
        $scale = $of === null ? null : Scale::of($of, null, null);
        if ($scale === null) {
            return new Call(CallKind::Hand, 'Read the wrench again', ['The crib no longer knows this tool; tell the lead.'], new At($step));
        }

        return (new Call(
            CallKind::Set, 'Read the wrench again',
            ['What does its scale show now?', 'A setting that has moved makes the clicks before it worth nothing.', $of->words()],
            new At($step),
            fields: [Field::value('shows', "What the scale of {$of->tool->code} shows now", $scale)],
            answers: [Answer::event('Enter', 'It shows', $content, ['shows'])],
        ))->with(['scale' => array_diff_key($scale->toArray(), ['digits' => 0]), 'again' => true, 'stood' => $shown?->typeset()]);
    }

    /** @return list<string> why it may not be used, as sentences */
    private function whyNot(RackTool $tool, Need $need): array
    {
        $held = $need->use === ToolUse::Held && $this->run->state->tool(ToolUse::Torque)?->tool === $tool->id;

        return [
            ...($this->run->tools->isOut($tool->id) ? [sprintf('%s was dropped or slipped; it is out of use until it was checked.', $tool->tool->code)] : []),
            ...($held ? [sprintf('%s is the one that tightens.', $tool->tool->code)] : []),
            ...$need->whyNot($tool, $this->rack),
        ];
    }

    /** Does its setting decide? So it is with whatever only clicks, and where the same torque is pulled again. */
    private function isSetBefore(MeasuredStep $step): bool
    {
        $need = $this->needs->main($step);

        return $step->kind === StageKind::VerificationPass || ($need?->use === ToolUse::Torque && $need->evidence !== Attestation::Measured && $this->taken($step)->clicks());
    }

    private function isSet(MeasuredStep $step): bool
    {
        $shows = $this->run->tools->shows($this->taken($step)->id);
        $window = $this->needs->window($step);

        return $shows !== null && $window !== null && $shows->unit->kind() === $window->kind() && $window->judge($shows->quantity())->isGood();
    }

    private function taken(Step $step): RackTool
    {
        $use = $this->needs->main($step)->use ?? ToolUse::Torque;
        $tool = $this->rack->tool($this->run->state->tool($use)?->tool);
        assert($tool !== null);

        return $tool;
    }

    private function position(Step $step): ?string
    {
        return isset($this->run->plan->positions[$step->position]) ? $step->position : null;
    }

    /** @return list<string> what it has to reach */
    private static function sentence(Need $need): array
    {
        $asks = $need->requirement;

        return $asks === null ? [] : [$asks->target->typeset() === ($asks->window->low ?? $asks->window->high)?->typeset() ? "For {$asks->window->typeset()}." : "For {$asks->target->typeset()}; {$asks->window->typeset()} is good."];
    }
}
