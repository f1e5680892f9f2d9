<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Fault;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;
use Tekkal\Core\Unit\Kind;

/**
 * Something is wrong: what may be said of it now, what each would cost, and the event that it becomes. Whoever says it names
 * a bolt and no step; where in the plan that is follows from the run.
 */
final readonly class Mishaps
{
    private const WHOLE = 'joint';

    /** Of the two things that one may not be sure of. */
    private const OF_THE_ROUND = 'round';

    private const OF_THE_BOLT = 'bolt';

    /** The step that is called, or at which the work is stopped; null where none is. */
    private ?Step $here;

    /** The step that was done last. */
    private ?Step $last;

    public function __construct(private RunFold $run, private Rack $rack)
    {
        $id = $run->stoppedAt() ?? (new Advice($run))->nextStep();
        $last = $run->state->lastLive()?->stood->step;
        $this->here = $id === null ? null : $run->plan->step($id);
        $this->last = $last === null ? null : $run->plan->step($last);
    }

    /** @return array{at: string, bolt: string|null, tiles: list<array<string, mixed>>, put_off: array<string, mixed>} */
    public function toArray(): array
    {
        $position = $this->position();
        $tiles = array_map(function (Mishap $m): array {
            $why = $this->whyNot($m);

            return ['key' => $m->value, 'column' => Mishap::column($m->value[0]), 'says' => $m->words()] + ($why === null ? [] : ['why_not' => $why]);
        }, Mishap::cases());

        return ['at' => $this->stands(), 'bolt' => $position, 'tiles' => $tiles, 'put_off' => $this->putOff()];
    }

    /**
     * What it comes to, weighed on a copy of the run; or what has to be asked before.
     *
     * @param  string|null  $position  another bolt than the one that is called; for a question about a bolt, its answer
     * @param  string|null  $choice  the answer to any other question
     * @param  array<string, mixed>  $now  the stamp of whoever asks
     * @return array<string, mixed>
     */
    public function weigh(Mishap $mishap, ?string $position, ?string $choice, array $now): array
    {
        $position = isset($this->run->plan->positions[$position ?? '']) ? $position : null;
        $at = $mishap->asksForBolt() === null ? $position ?? $this->position() : $this->position();
        $named = $at !== null && ($this->isOfBolt($mishap) || $choice === self::OF_THE_BOLT) ? $at : null;
        $said = ['key' => $mishap->value, 'title' => ucfirst($mishap->words()), 'caution' => $mishap->caution(), 'bolt' => $this->called($mishap, $named, $position), 'position' => $position ?? $named];
        $asks = $this->asks($mishap, $position, $choice);
        if ($asks !== null) {
            return $said + ['asks' => $asks];
        }
        $event = $this->event($mishap, $at, $position, $choice);

        return $event === null ? $said + ['nothing' => $this->whyNot($mishap) ?? 'There is nothing here that it could be about.'] : $said + $this->weighed($event, $now);
    }

    /**
     * @param  array<string, mixed>  $event
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    private function weighed(array $event, array $now): array
    {
        $weighing = new Weighing($this->run, new Pace($this->rack->known), $now);
        $outcome = $weighing->decide($event);
        if ($outcome->reason !== null && $event['type'] === 'gave_way') {
            // It gave way all the same, though its turn had not come.
            return $this->weighed(['type' => 'fault_reported', 'fault' => Fault::GaveWay->value, 'at' => $event['step']], $now);
        }
        $rules = $weighing->rules($outcome);
        $later = $this->later($weighing);

        return ($later === null ? [] : ['later' => $later]) + [
            'event' => $event, 'says' => $rules === [] ? [$outcome->reason?->sentence() ?? 'It stays on record, and nothing is undone by it.'] : $rules,
            'reaches' => $weighing->reaches(), 'price' => $weighing->price(), 'lead' => $weighing->leadDecides(),
            'decisions' => array_merge([], ...array_map(fn ($case): array => (new Decisions($weighing->would, $this->rack, $now))->of($case), $weighing->leadDecides() ? array_slice($weighing->cases(), 0, 1) : [])),
        ];
    }

    /** @return array<string, mixed>|null the event that puts off what it has opened; null where nothing of it can wait */
    private function later(Weighing $weighing): ?array
    {
        $step = $weighing->cases()[0]->step ?? null;
        $event = ['type' => 'deferred', 'steps' => [$step], 'reason' => 'it was reported, and waits'];

        return $step !== null && (new Weighing($weighing->would, new Pace($this->rack->known), $weighing->now))->decide($event)->isApplied() ? $event : null;
    }

    /** @return array{title: string, of: 'bolt'|'choice', choices: list<array{value: string, says: string}>}|null */
    private function asks(Mishap $mishap, ?string $position, ?string $choice): ?array
    {
        $bolt = $mishap->asksForBolt() ?? ($this->position() === null && $this->isOfBolt($mishap) ? 'Which one?' : null);
        if ($bolt !== null && $position === null) {
            return ['title' => $bolt, 'of' => 'bolt', 'choices' => []];
        }
        $choices = $choice === null ? $this->choices($mishap) : [];

        return count($choices) < 2 ? null : ['title' => $mishap === Mishap::NotSure ? 'Of what are you not sure?' : 'Which tool?', 'of' => 'choice', 'choices' => $choices];
    }

    /** @return list<array{value: string, says: string}> */
    private function choices(Mishap $mishap): array
    {
        $position = $this->position();

        return match ($mishap) {
            Mishap::NotSure => [
                ...($position === null ? [] : [['value' => self::OF_THE_BOLT, 'says' => sprintf('Whether %s has had it', $this->run->names->called($position))]]),
                ['value' => self::OF_THE_ROUND, 'says' => 'Which of this round have had it'],
            ],
            Mishap::DroppedWrench, Mishap::WrenchDied => array_map(fn (RackTool $t): array => ['value' => $t->id, 'says' => $t->words()], $this->inHand()),
            default => [],
        };
    }

    /** "Bolt 5 instead of bolt 3", and where another one is meant than the one that is called, that one. */
    private function called(Mishap $mishap, ?string $named, ?string $meant): ?string
    {
        $name = $meant ?? $named;

        return $name === null ? null : ucfirst($this->run->names->called($name)).($mishap === Mishap::DidAnother && $meant !== null && $named !== null ? ' instead of '.$this->run->names->called($named) : '');
    }

    private function isOfBolt(Mishap $mishap): bool
    {
        return match ($mishap) {
            Mishap::NotSure, Mishap::WrongSetting, Mishap::DroppedWrench, Mishap::WrenchDied, Mishap::TypedWrongly, Mishap::FellIn, Mishap::PartnerLetGo => false,
            default => true,
        };
    }

    /** @return array<string, mixed>|null null where there is no place that it could be about */
    private function event(Mishap $mishap, ?string $at, ?string $named, ?string $choice): ?array
    {
        $tool = $choice ?? ($this->inHand()[0]->id ?? null);
        $step = $at === null ? ($this->here ?? $this->last)?->id : $this->stepOr($at);
        $part = $this->run->plan->positions[$at ?? '']->part ?? self::WHOLE;

        return match ($mishap) {
            Mishap::GaveWay => $step !== null && $this->run->plan->has($step) ? ['type' => 'gave_way', 'step' => $step] : self::reports(Fault::GaveWay, $step),
            Mishap::DidAnother => self::reports(Fault::DidAnother, $step, ['other' => $named]),
            Mishap::DidTwo => $this->oneTooMany($named),
            Mishap::NotSure => $choice === self::OF_THE_ROUND || $at === null ? self::reports(Fault::UnsureCount, $this->roundStep() ?? $step) : self::reports(Fault::NotProved, $step),
            Mishap::WrongSetting => self::reports(Fault::WrongSetting, $this->roundStep()),
            Mishap::DroppedWrench, Mishap::WrenchDied => self::reports($mishap->fault(), $step ?? self::WHOLE, $tool === null ? [] : ['tool' => $tool]),
            Mishap::PartMoved => $at === null ? null : ['type' => 'part_moved', 'part' => $part],
            Mishap::WrongWayRound => self::reports(Fault::WrongWayRound, $part),
            Mishap::PartnerLetGo => $this->held() === null ? null : ['type' => 'partner_let_go', 'step' => $this->held()->id],
            Mishap::FellIn => self::reports(Fault::FellIn, $step ?? self::WHOLE),
            Mishap::Touched, Mishap::CameLoose => self::reports($mishap->fault(), $named),
            default => self::reports($mishap->fault(), $step),
        };
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array<string, mixed>|null
     */
    private static function reports(?Fault $fault, ?string $at, array $more = []): ?array
    {
        return $fault === null || $at === null ? null : ['type' => 'fault_reported', 'fault' => $fault->value, 'at' => $at] + $more;
    }

    /** @return array<string, mixed>|null of two that were done where one was called: the same one twice, or another as well */
    private function oneTooMany(?string $named): ?array
    {
        if ($named === null) {
            return null;
        }
        $again = array_values(array_filter($this->here === null ? [] : $this->run->steps->stepsOf($this->here->stage), fn (Step $s): bool => $s->position === $named && ($this->run->steps->live($s->id) !== null || $s->id === $this->here?->id)));

        return $again === [] && $this->here !== null
            ? ['type' => 'fault_reported', 'fault' => Fault::DidAnother->value, 'at' => $this->here->id, 'other' => $named]
            : ['type' => 'fault_reported', 'fault' => Fault::DidTwo->value, 'at' => $again[0]->id ?? $named];
    }

    /** Why nobody can mean it now; null where one can. */
    private function whyNot(Mishap $mishap): ?string
    {
        $isTight = $this->last !== null;
        $torque = ($this->here?->kind->controls() ?? $this->last?->kind->controls()) !== null;

        return match ($mishap) {
            Mishap::GaveWay, Mishap::Broke, Mishap::WillNotStart, Mishap::WrongBolt, Mishap::NotSure, Mishap::WrongLubricant => null,
            Mishap::ClickedWithoutMoving => $torque ? null : 'nothing clicks here',
            Mishap::DidAnother, Mishap::DidTwo => $this->here === null || ! $this->here->kind->isPerPosition() ? 'no bolt is called now' : null,
            Mishap::WrongSetting => $this->roundStep() === null || ! $this->pulledByTorque() ? 'nothing was pulled with a wrench yet' : null,
            Mishap::DroppedWrench, Mishap::WrenchDied => $this->inHand() === [] ? 'no tool was taken yet' : null,
            Mishap::Slipped => $torque || $isTight ? null : 'nothing was pulled yet',
            Mishap::TypedWrongly => $this->run->state->lastLive()?->given->value !== null && $this->run->state->lastLive()->given->source->mayBeWithdrawn() ? null : 'nothing that was typed stands last',
            Mishap::PartMoved, Mishap::WrongWayRound, Mishap::Touched, Mishap::CameLoose => $isTight ? null : 'nothing is tight yet',
            Mishap::FellIn => null,
            Mishap::PartnerLetGo => $this->held() === null ? 'nobody holds here' : null,
        };
    }

    /** @return array<string, mixed> what may be done later is written down, and blocks finishing */
    private function putOff(): array
    {
        $step = $this->here;

        return $step === null || ! $this->run->steps->status($step)->isOpen() ? ['why_not' => 'Nothing is called that could be put off.'] : [
            'says' => sprintf('%s, and what comes after it there, waits. The job cannot be finished until it is done.', ucfirst($this->run->names->step($step))),
            'event' => ['type' => 'deferred', 'steps' => [$step->id]],
        ];
    }

    /** The bolt that is called, or was done last. */
    private function position(): ?string
    {
        foreach ([$this->here, $this->last] as $step) {
            if ($step !== null && isset($this->run->plan->positions[$step->position])) {
                return $step->position;
            }
        }

        return null;
    }

    /** The step that is called, where it is at this bolt; else the bolt itself. */
    private function stepOr(string $position): string
    {
        return $this->here?->position === $position && ! $this->here instanceof CheckStep ? $this->here->id : $position;
    }

    /** What was done last of the round that somebody speaks of: the one under way, else the one before it. */
    private function roundStep(): ?string
    {
        foreach ($this->here === null ? [] : array_reverse($this->run->steps->stepsOf($this->here->stage, $this->here->leg)) as $step) {
            if ($this->run->steps->live($step->id) !== null) {
                return $step->id;
            }
        }

        return $this->last === null || ! $this->last->kind->isPerPosition() ? null : $this->last->id;
    }

    private function pulledByTorque(): bool
    {
        $step = $this->roundStep();
        $kind = $step === null ? null : $this->run->plan->step($step)->kind;

        return $kind?->controls() === Kind::Torque || $kind === StageKind::Turn || $kind === StageKind::VerificationPass;
    }

    private function held(): ?Step
    {
        foreach ([$this->here, $this->last] as $step) {
            if ($step !== null && $step->rules->people() > 1) {
                return $step;
            }
        }

        return null;
    }

    /** @return list<RackTool> what was taken, each once; what the present step is pulled with comes first */
    private function inHand(): array
    {
        $tools = [];
        foreach ([ToolUse::Torque, ToolUse::Angle, ToolUse::Length, ToolUse::Held] as $use) {
            $id = $this->run->state->tool($use)?->tool;
            $tool = $this->rack->tool($id);
            if ($tool !== null && ! $this->run->tools->isOut($tool->id)) {
                $tools[$tool->id] = $tool;
            }
        }

        return array_values($tools);
    }

    /** "Bolt 11 stands at 30° of 65°": where one was when it went wrong. */
    private function stands(): string
    {
        $step = $this->here;
        if ($step === null) {
            return 'Nothing is called now.';
        }
        $sum = $this->run->state->sum($step->id);
        $target = $step->goal()?->target;

        return $sum === null || $target === null ? ucfirst($this->run->names->step($step)).' is called.'
            : sprintf('%s stands at %s of %s.', ucfirst($this->run->names->called($step->position)), $sum->typeset(), $target->typeset());
    }
}
