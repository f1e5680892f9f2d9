<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\FastenerBook;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StepBook;
use Tekkal\Core\Run\ThingKind;
use Tekkal\Core\Unit\Letters;

/**
 * What is got ready before a fastener is first tightened: what is stamped on its head, new ones with their lot where they are
 * used once, what goes on its surfaces. The rules do not wait for it; whoever says it has it on record, and its time proved.
 */
final readonly class PreparationCalls
{
    /** Read, but worn away: it stands in the record as that. */
    private const WORN = 'cannot be read';

    public function __construct(private RunFold $run, private Known $known)
    {
    }

    /** The first thing that is to be got ready for a step; null where all is, or where it has begun without. */
    public function before(Step $step): ?Call
    {
        if (! $step->kind->tightens() || ! isset($this->run->plan->positions[$step->position]) || $this->run->steps->furthest($step->position) !== null) {
            return null;
        }

        return $this->stamps() ?? $this->newOnes($step) ?? $this->agents($step);
    }

    /** Whose hardware it is says the metal, not the card: nothing is filled in, and what should be there is not told. */
    private function stamps(): ?Call
    {
        $all = array_values(array_unique(array_intersect_key($this->known->stamps, array_flip(array_column($this->run->plan->positions, 'fastener')))));
        foreach ($all as $i => $wanted) {
            $positions = array_values(array_filter($this->positions(), fn (string $p): bool => ($this->known->stamps[$this->run->plan->positions[$p]->fastener] ?? null) === $wanted));
            if ($positions === [] || $this->isAnyBegun($positions)) {
                continue;
            }
            $reads = $this->stampRead($positions);
            usort($positions, fn (string $a, string $b): int => strnatcmp($this->run->plan->positions[$a]->number, $this->run->plan->positions[$b]->number));
            if ($reads === null || ($reads !== self::WORN && ! Known::isSame($wanted, $reads))) {
                return $this->stamp($wanted, $positions, $reads, count($all) === 1 ? '' : sprintf(' %d of %d', $i + 1, count($all)));
            }
        }

        return null;
    }

    /**
     * @param  non-empty-list<string>  $positions  where it has to be stamped
     * @param  string  $which  of several kinds of head
     */
    private function stamp(string $wanted, array $positions, ?string $reads, string $which): Call
    {
        $event = ['type' => 'identity_read', 'step' => ($this->run->steps->stepsAt($positions[0])[0] ?? throw new CallException('Nothing is done there.', 'position', $positions[0], 'a position with a step'))->id];
        $choices = array_slice($this->known->stamps(), 0, 8);
        $answers = array_map(fn (string $says, int $i): Answer => Answer::event((string) ($i + 1), $says, ['reads' => $says] + $event, good: Known::isSame($wanted, $says)), $choices, array_keys($choices));
        $answers[] = Answer::event((string) (count($choices) + 1), 'It cannot be read', ['reads' => self::WORN] + $event, good: false);
        array_unshift($answers, Answer::event('Enter', 'That is stamped', $event, ['reads'], good: false));
        $field = Field::text('reads', 'Its number, or what is stamped');
        if ($reads === null) {
            return (new Call(CallKind::Stamp, "What is stamped on the heads?$which", ["Look at {$this->run->names->places($positions)}."], new At($event['step']), fields: [$field], answers: $answers))->with(['act' => 'stamp']);
        }
        $other = $this->otherHardware($wanted, $reads);
        $leave = Answer::event('*', 'Leave it to the lead', ['type' => 'parked', 'reason' => Letters::first(implode(' ', $other), 200)], good: false);

        return (new Call(CallKind::Stamp, "Other hardware$which", [...$other, 'Read them again, or leave it.'], new At($event['step']), fields: [$field], answers: [...$answers, $leave]))->with(['act' => 'stamp', 'mismatch' => true]);
    }

    /** @return list<string> */
    private function otherHardware(string $wanted, string $reads): array
    {
        $whose = $this->known->whose($reads);

        return [
            "Stamped “{$reads}”; this procedure is for “{$wanted}”.",
            $whose === null ? 'No hardware that is known here carries that.' : "That is what $whose carries: the lead gives out its procedure.",
        ];
    }

    /** @param  list<string>  $positions */
    private function stampRead(array $positions): ?string
    {
        $read = null;
        foreach ($positions as $position) {
            foreach ($this->run->steps->stepsAt($position) as $step) {
                $read = $this->run->state->factAt($step->id, StepBook::IDENTITY) ?? $read;
            }
        }

        return $read === null ? null : (string) $read;
    }

    /** @param  list<string>  $positions */
    private function isAnyBegun(array $positions): bool
    {
        foreach ($positions as $position) {
            if ($this->run->steps->furthest($position) !== null) {
                return true;
            }
        }

        return false;
    }

    private function newOnes(Step $step): ?Call
    {
        $type = $this->run->plan->fastenerAt($step->position);
        if ($type?->reuse !== Reuse::Never || $step->rules->result->trial || $this->isFitted($step->position)) {
            return null;
        }
        $positions = array_values(array_filter($this->positions(), fn (string $p): bool => $this->run->plan->fastenerAt($p)?->key === $type->key && ! $this->isFitted($p)));

        return (new Call(
            CallKind::Hand, "New ones: $type->name",
            [sprintf('They are used once. %d of them, at %s.', count($positions), $this->run->names->places($positions)), 'Read the lot off their bag.'],
            new At($step->id),
            fields: [Field::text('lot', 'Their lot')],
            answers: [Answer::event('Enter', 'They are in', ['type' => 'fasteners_fitted', 'positions' => $positions, 'set' => 'real'], ['lot'])],
        ))->with(['act' => 'fit']);
    }

    private function agents(Step $step): ?Call
    {
        foreach ($this->run->plan->agents as $agent) {
            // What has no time is asked about before the first round; whoever has begun has seen to it.
            $isDue = $agent->workingTime === null ? ! $this->isAnyBegun($this->positions()) : $this->isFor($agent, $step->position) && ! $this->isOn($agent, $step->position);
            $positions = $isDue ? array_values(array_filter($this->positions(), fn (string $p): bool => $this->isFor($agent, $p) && ! $this->isOn($agent, $p))) : [];
            if ($positions !== []) {
                return (new Call(
                    CallKind::Hand, $agent->condition === 'dry' ? "Dry and clean: $agent->surface" : ucfirst($agent->condition).' '.self::where($agent),
                    [sprintf('At %s.', $this->run->names->places($positions)), ...($agent->workingTime === null ? [] : ["It works for {$agent->workingTime->printed}; then what is not tight has to be cleaned and coated afresh."])],
                    new At($step->id),
                    fields: $agent->condition === 'dry' ? [] : [Field::text('lot', 'Its lot', true)],
                    answers: [Answer::event('Enter', $agent->condition === 'dry' ? 'It is dry' : 'It is on', ['type' => 'agent_applied', 'agent' => $agent->register(), 'positions' => $positions], $agent->condition === 'dry' ? [] : ['lot'])],
                ))->with(['act' => 'apply']);
            }
        }

        return null;
    }

    private static function where(Agent $agent): string
    {
        return match ($agent->surface) {
            'under head', 'under nut' => str_replace('under ', 'under the ', $agent->surface),
            'threads and under head' => 'on the threads and under the head',
            default => "on the $agent->surface",
        };
    }

    private function isFitted(string $position): bool
    {
        return $this->run->state->thing($position, FastenerBook::BOLT) !== null;
    }

    private function isFor(Agent $agent, string $position): bool
    {
        return $agent->groups === [] || in_array($this->run->plan->positions[$position]->group, $agent->groups, true);
    }

    private function isOn(Agent $agent, string $position): bool
    {
        return $this->run->state->thing($position, ThingKind::Agent->value.':'.$agent->register()) !== null;
    }

    /** @return list<string> */
    private function positions(): array
    {
        return array_map(strval(...), array_keys($this->run->plan->positions));
    }
}
