<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageKinds\StretchStage;

/**
 * The one compact way to write a procedure: "32 N·m · +38° end / +47° inner". Generated, never typed twice. The short
 * line has what tightens or loosens; the long one every stage, with threshold, limits, motion and time.
 */
final readonly class TighteningLine
{
    public function __construct(private Revision $revision)
    {
    }

    /** The short line. */
    public function typeset(): string
    {
        $blocks = array_map(fn (Block $b): string => $this->block($b), $this->revision->blocks);

        return implode(' · ', array_filter($blocks, fn (string $b): bool => $b !== ''));
    }

    /** @return list<string> one text per stage */
    public function rounds(): array
    {
        return array_map($this->round(...), $this->revision->stages());
    }

    /** @return list<string> one sentence per stage, nothing left out */
    public function long(): array
    {
        $lines = [];
        foreach ($this->revision->stages() as $i => $stage) {
            $lines[] = sprintf('%d. %s. %s', $i + 1, implode(', ', [$this->round($stage), ...$this->details($stage)]), $stage->why);
        }

        return $lines;
    }

    /** @return list<array{aim: string, whom: string, window: string}> one row per target of a stage */
    public function rows(Stage $stage): array
    {
        if ($stage->targets === []) {
            return [['aim' => $this->round($stage), 'whom' => '', 'window' => '']];
        }

        return array_map(fn (StageTarget $t): array => [
            'aim' => $this->aim($stage, $t),
            'whom' => $t->group === null && count($t->positions) === count($this->revision->map->positions) ? 'all' : $this->whom($t),
            'window' => $t->window?->typeset() ?? '',
        ], $stage->targets);
    }

    private function block(Block $block): string
    {
        $shown = array_filter($block->stages, fn (Stage $s): bool => ! in_array($s->rules->kind, [StageKind::Check, StageKind::Settle], true));
        $line = implode(' · ', array_map($this->round(...), $shown));

        return match (true) {
            $block->key === null || $line === '' => $line,
            $block->traversal === Traversal::PartByPart => "part by part ($line)",
            $block->traversal === Traversal::Pairs => "pair by pair ($line)",
            default => sprintf('in %d sub-groups (%s)', count($block->legs), $line),
        };
    }

    /** One stage, short. */
    public function round(Stage $stage): string
    {
        if ($stage->targets === []) {
            return $stage->name ?? $this->bare($stage);
        }
        $byText = [];
        foreach ($stage->targets as $target) {
            $byText[$this->aim($stage, $target)][] = $this->whom($target);
        }
        $covered = array_sum(array_map(fn (StageTarget $t): int => count($t->positions), $stage->targets));
        if (count($byText) === 1 && $covered === count($this->revision->map->positions)) {
            return (string) array_key_first($byText);
        }
        $texts = [];
        foreach ($byText as $text => $names) {
            $texts[] = $text.' '.implode(' and ', $names);
        }

        return implode(' / ', $texts);
    }

    /** What one target of a stage says to reach. */
    public function aim(Stage $stage, StageTarget $target): string
    {
        $value = match (true) {
            $target->missing => 'value missing',
            $target->target !== null => $target->target->typeset(),
            default => $target->window?->typeset(),
        };

        return $stage->rules->own->line((string) $value, $this->checkNames());
    }

    private function bare(Stage $stage): string
    {
        return match ($stage->rules->kind) {
            StageKind::Check, StageKind::Settle => $stage->rules->own->line('', $this->checkNames()),
            default => $stage->rules->kind->words(),
        };
    }

    /** @return array<string, string> */
    private function checkNames(): array
    {
        return array_map(fn (Check $c): string => $c->name, $this->revision->checks);
    }

    /** @return list<string> */
    private function details(Stage $stage): array
    {
        $rules = $stage->rules;
        $windows = array_unique(array_filter(array_map(fn (StageTarget $t): ?string => $t->target === null ? null : $t->window?->typeset(), $stage->targets)));
        $monitored = array_merge(...array_map(fn (StageTarget $t): array => $t->monitored, $stage->targets));

        return array_values(array_filter([
            $this->countedFrom($stage) ?? '',
            $windows === [] ? '' : 'good is '.implode(' or ', $windows),
            ...array_unique(array_filter(array_map(fn (StageTarget $t): string => $t->aim === null ? '' : 'aim at '.$t->aim->typeset(), $stage->targets))),
            ...array_unique(array_map(fn ($w): string => 'watching '.$w->kind()->value.' '.$w->typeset(), $monitored)),
            $rules->kind->hasTarget() ? ($rules->motion->oneMotion ? 'in one motion' : 'may ratchet') : '',
            $rules->waiting->within === null ? '' : sprintf('within %d min of %s', intdiv($rules->waiting->within['seconds'], 60), $rules->waiting->within['after']),
            $rules->result->trial ? 'trial fit' : '',
            ...$this->beside($stage),
            $rules->kind->turnsBolt() ? $rules->result->evidence->words().' wanted'.($rules->saysEvidence() ? '' : " (class {$this->revision->riskClass})") : '',
        ]));
    }

    /** "counted from 15 lbf·ft inner and 20 lbf·ft outer"; null where no angle is counted. */
    public function countedFrom(Stage $stage): ?string
    {
        $whom = [];
        foreach ($stage->targets as $target) {
            $from = $stage->thresholdFor($target)?->typeset();
            $from === null ? null : $whom[$from][] = $this->whom($target);
        }
        $texts = count($whom) === 1 ? array_keys($whom) : array_map(fn (string $from, array $names): string => $from.' '.implode(' and ', $names), array_keys($whom), $whom);

        return $texts === [] ? null : 'counted from '.implode(' and ', $texts);
    }

    /** @return list<string> what goes in, comes out, takes the reaction, reaches the bolt and is looked at, each as a few words */
    public function beside(Stage $stage): array
    {
        $rules = $stage->rules;
        $adapters = array_unique(array_filter(array_map(fn (string $p): ?string => $rules->kind->turnsBolt() ? $this->revision->map->adapters[$p] ?? null : null, $stage->sequence)));
        $then = $rules->own instanceof StretchStage ? $rules->own->thenByTorque : null;
        $stroke = $this->revision->marks?->wordsAfter($stage->key());

        return array_values(array_filter([
            ...$this->ofCheck($stage),
            $rules->waiting->fit === [] ? '' : 'before it '.$this->aids($rules->waiting->fit).' goes in',
            $rules->waiting->remove === [] ? '' : 'before it '.$this->aids($rules->waiting->remove).' comes out',
            ...array_map(fn (string $key): string => 'with '.$this->revision->rigging->adapters[$key]->name.' at '.$this->revision->named(array_values(array_intersect(array_map(strval(...), array_keys($this->revision->map->adapters, $key, true)), $stage->sequence))), $adapters),
            $then === null ? '' : sprintf('after %d measured and good ones the others by torque alone, %s', $then->first, $then->window->typeset()),
            $rules->reaction() === null ? '' : 'the reaction is taken by '.$rules->reaction(),
            $stroke === null ? '' : "then a $stroke",
            $rules->result->secondLook ? 'looked at by a second person' : '',
        ]));
    }

    /** @return list<string> what a check's answer is held to, and what it takes */
    private function ofCheck(Stage $stage): array
    {
        $check = $stage->rules->own instanceof CheckStage ? $this->revision->checks[$stage->rules->own->check] : null;

        return $check === null ? [] : [
            match ($check->kind) {
                CheckKind::Confirm => '',
                CheckKind::Identity => $check->compareWith === null ? '' : 'it must read as “'.$this->called($check->compareWith).'”',
                default => 'good is '.$check->limits(),
            },
            $check->answer->expected === null ? '' : 'it must read '.$check->limits(),
            $check->turnsShaft ? 'the shaft is turned for it' : '',
            $check->wayBack === null ? '' : 'where it fails, '.$check->wayBack->words().' is loosened first',
        ];
    }

    /** @return list<string> aids, adapters and what keeps the shaft from being turned, a sentence each */
    public function rigging(): array
    {
        $rigging = $this->revision->rigging;
        $pieces = fn (Aid $a): string => $a->pieces === 1 ? '' : ", $a->pieces pieces";

        return [
            ...array_values(array_map(fn (Aid $a): string => ucfirst($a->words()).$pieces($a).($a->holdsShaft ? ': while it is in, the shaft is not turned' : '').($a->stays ? '; it stays in' : '').'.', $rigging->aids)),
            ...array_values(array_map(fn (DemandedAdapter $a): string => ucfirst($a->name).($a->adds === null ? '' : sprintf(' adds %s to a wrench of %s', $a->adds->typeset(), $a->wrench?->typeset())).'.', $rigging->adapters)),
            ...array_map(fn (TurnStop $s): string => sprintf('The shaft is not turned%s%s: %s.', $s->from === null ? '' : ' from “'.$this->called($s->from).'” on', $s->until === null ? '' : ' until “'.$this->called($s->until).'”', $s->why), $rigging->stops),
        ];
    }

    /** A round or a check by its name. */
    private function called(string $key): string
    {
        foreach ($this->revision->stages() as $stage) {
            if ($stage->key() === $key) {
                return $this->round($stage);
            }
        }

        return $this->revision->checks[$key]->name ?? $key;
    }

    /**
     * The evidence that rounds want which do not say so themselves: what a click alone would leave not proved. And of risk
     * class A, that nobody looks a second time.
     *
     * @return list<string> one sentence per evidence
     */
    public function evidence(): array
    {
        $rounds = [];
        foreach ($this->revision->stages() as $i => $stage) {
            if ($stage->rules->kind->turnsBolt() && ! $stage->rules->saysEvidence()) {
                $rounds[$stage->rules->result->evidence->words()][] = $i + 1;
            }
        }

        return [...$this->unlooked(), ...array_map(fn (string $what, array $of): string => sprintf('%s is wanted in %s %s (risk class %s, nothing else is written); what has less is not proved.', ucfirst($what), count($of) === 1 ? 'round' : 'rounds', implode(', ', $of), $this->revision->riskClass), array_keys($rounds), $rounds)];
    }

    /** @return list<string> in risk class A, that nobody looks a second time; empty where somebody does */
    private function unlooked(): array
    {
        $wanted = $this->revision->riskClass === 'A' && $this->revision->purpose === Purpose::Tightening;
        $looked = array_filter($this->revision->stages(), fn (Stage $s): bool => $s->rules->result->secondLook) !== [];

        return $wanted && ! $looked ? ['Risk class A, and no round is looked at by a second person.'] : [];
    }

    /** @param  list<string>  $keys */
    private function aids(array $keys): string
    {
        return implode(' and ', array_map(fn (string $key): string => $this->revision->rigging->aids[$key]->words(), $keys));
    }

    private function whom(StageTarget $target): string
    {
        return $target->group !== null ? $this->revision->groups[$target->group]->name : $this->revision->named($target->positions);
    }
}
