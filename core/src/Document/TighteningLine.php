<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

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
        $rules = $stage->rules;
        $value = match (true) {
            $target->missing => 'value missing',
            $target->target !== null => $target->target->typeset(),
            default => $target->window?->typeset(),
        };

        return match ($rules->kind) {
            StageKind::Seat => $value === null ? 'seat' : "seat $value",
            StageKind::Torque => (string) $value.($rules->prevailingFrom === null ? '' : ' plus prevailing'),
            StageKind::Turn => '+'.$value,
            StageKind::Stretch => "stretch $value".($rules->ceiling === null ? '' : ' under '.$rules->ceiling->typeset()),
            StageKind::Loosen => $rules->back === null ? 'loosen' : 'back '.$rules->back->typeset(),
            StageKind::Hold => sprintf('%s holding %s at %s', $value, $rules->held->what ?? '', $this->held($rules)),
            StageKind::VerificationPass => "verify $value".($rules->passes > 1 ? " until none moves, at most $rules->passes times" : ''),
            StageKind::PrevailingTorque => "measure prevailing torque, $value",
            StageKind::ResidualTorque => "residual torque $value, by ".str_replace('_', ' ', (string) $rules->method),
            StageKind::Settle, StageKind::Check => $this->bare($stage),
        };
    }

    private function bare(Stage $stage): string
    {
        $rules = $stage->rules;

        return match ($rules->kind) {
            StageKind::Check => 'check: '.($this->revision->checks[(string) $rules->check]->name ?? ''),
            StageKind::Settle => 'settle '.implode(', ', array_filter([
                $rules->atLeast === null ? '' : 'at least '.$rules->atLeast->printed,
                $rules->atMost === null ? '' : 'at most '.$rules->atMost->printed,
            ])),
            default => $rules->kind->words(),
        };
    }

    private function held(StageRules $rules): string
    {
        return ($rules->held?->torque?->typeset() ?? $rules->held?->window?->typeset() ?? 'any torque').' '.($rules->held->direction ?? '');
    }

    /** @return list<string> */
    private function details(Stage $stage): array
    {
        $rules = $stage->rules;
        $windows = array_unique(array_filter(array_map(fn (StageTarget $t): ?string => $t->target === null ? null : $t->window?->typeset(), $stage->targets)));
        $monitored = array_merge(...array_map(fn (StageTarget $t): array => $t->monitored, $stage->targets));

        return array_values(array_filter([
            $rules->threshold === null ? '' : 'counted from '.$rules->threshold->typeset(),
            $windows === [] ? '' : 'good is '.implode(' or ', $windows),
            ...array_unique(array_filter(array_map(fn (StageTarget $t): string => $t->aim === null ? '' : 'aim at '.$t->aim->typeset(), $stage->targets))),
            ...array_unique(array_map(fn ($w): string => 'watching '.$w->kind()->value.' '.$w->typeset(), $monitored)),
            $rules->kind->hasTarget() ? ($rules->oneMotion ? 'in one motion' : 'may ratchet') : '',
            $rules->within === null ? '' : sprintf('within %d min of %s', intdiv($rules->within['seconds'], 60), $rules->within['after']),
            $rules->trial ? 'trial fit' : '',
        ]));
    }

    private function whom(StageTarget $target): string
    {
        return $target->group !== null ? $this->revision->groups[$target->group]->name : $this->revision->named($target->positions);
    }
}
