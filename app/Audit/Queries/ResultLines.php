<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Crib\Models\CalibrationRow;
use App\Ledger\Entry;
use App\People\Models\Person;
use App\Record\FindingKind;
use Brick\Math\RoundingMode;
use Tekkal\Core\Document\StageTarget;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Unit\Written;

/** Every attempt at every step of a joint, in plan order, with all that an auditor asks of it. */
final class ResultLines
{
    /** @return list<array<string, mixed>> one per step, with its attempts; a step without any is missing */
    public function of(JointRecord $record): array
    {
        $entries = [];
        foreach ($record->entries as $entry) {
            $entries[$entry->id()] = $entry;
        }

        return array_map(fn (Step $step): array => [
            ...$this->step($record, $step),
            'attempts' => array_map(fn (Attempt $a): array => $this->attempt($a, $entries[$a->reading->id]), $record->state?->attemptsAt($step->id) ?? []),
        ], $record->plan->steps ?? []);
    }

    /** @return array<string, mixed> */
    private function step(JointRecord $record, Step $step): array
    {
        $position = $record->revision?->map->position($step->position);
        $target = $this->target($record, $step);

        return [
            'step' => $step->id,
            'stage' => $step->stage,
            'position' => $step->position,
            'number' => $position?->number,
            'quantity' => $step->quantity()->value,
            'target' => $step->target->typeset(),
            'window' => $step->window->typeset(),
            'low' => (string) $step->window->low->quantity()->inBase(),
            'high' => (string) $step->window->high->quantity()->inBase(),
            'target_from' => $this->source($record, $target?->targetSource),
            'window_from' => $this->source($record, $target?->windowSource),
        ];
    }

    private function target(JointRecord $record, Step $step): ?StageTarget
    {
        foreach ($record->revision?->stages() ?? [] as $stage) {
            if ($stage->key() === $step->stage) {
                return $stage->targetAt($step->position);
            }
        }

        return null;
    }

    private function source(JointRecord $record, ?string $key): ?string
    {
        foreach ((array) data_get($record->document, 'sources') as $source) {
            if (data_get($source, 'key') === $key) {
                return sprintf('%s, p. %s', data_get($source, 'title'), data_get($source, 'page'));
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function attempt(Attempt $attempt, Entry $entry): array
    {
        $calibration = CalibrationRow::query()->find($entry->optional('data.calibration') ?? '');

        return [
            'entry' => $entry->id(),
            'number' => $attempt->number,
            'given' => $attempt->reading->value->typeset(),
            'base' => (string) $attempt->reading->value->quantity()->inBase(),
            'in_base' => self::inBase($attempt->reading->value),
            'verdict' => $attempt->judgement->verdict->value,
            'word' => $attempt->judgement->verdict->word(),
            'evidence' => $attempt->judgement->evidence->value,
            'evidence_words' => $attempt->judgement->evidence->words(),
            'reason' => $attempt->judgement->reason,
            'status' => $attempt->status->value,
            'tool' => $entry->optional('data.tool_code'),
            'calibration' => $calibration === null ? null : sprintf('%s, due %s', Day::of($calibration->calibrated_on)->words(), Day::of($calibration->due_on)->words()),
            'person' => Person::query()->find($attempt->reading->person)?->displayName(),
            'at' => $entry->text('data.taken_at'),
            'seq' => $entry->seq(),
            'leaf_hash' => $entry->leafHash,
            'simulated' => $entry->flag('simulated'),
            'findings' => array_values(array_filter(array_map(
                fn (FindingKind $k): ?array => ($s = $entry->optional('data.findings.'.$k->value)) === null ? null : ['kind' => $k->words(), 'sentence' => $s],
                FindingKind::cases(),
            ))),
        ];
    }

    /** The reading in N·m, degrees or mm, with as many decimals as were read. */
    private static function inBase(Written $value): string
    {
        $base = $value->unit->kind()->baseUnit();
        if ($value->unit === $base) {
            return $value->typeset();
        }
        $decimals = strlen(strrchr($value->decimal(), '.') ?: '.') - 1;

        return Written::of((string) $value->quantity()->inBase()->toScale($decimals, RoundingMode::HALF_UP), $base)->typeset();
    }
}
