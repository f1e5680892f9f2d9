<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Crib\Models\CalibrationRow;
use App\Ledger\Entry;
use App\People\Models\Person;
use App\Record\FindingKind;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;
use Tekkal\Core\Document\StageTarget;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Unit\Written;

/** Every attempt at every step of a joint, in plan order, with all that an auditor asks of it. */
final class ResultLines
{
    /** @var Collection<array-key, CalibrationRow> by entry */
    private Collection $calibrations;

    /** @var Collection<array-key, Person> by id */
    private Collection $people;

    /** @return list<array<string, mixed>> one per step, with its attempts; a step without any is missing */
    public function of(JointRecord $record): array
    {
        $entries = [];
        foreach (($record->run->entries ?? []) as $entry) {
            $entries[$entry->id()] = $entry;
        }

        $this->fetch($record);

        return array_map(fn (Step $step): array => [
            ...$this->step($record, $step),
            'attempts' => array_map(fn (Attempt $a): array => $this->attempt($a, $entries[$a->reading->id]), $record->run?->state->attemptsAt($step->id) ?? []),
        ], $record->procedure->plan->steps ?? []);
    }

    /** @return array<string, mixed> */
    private function step(JointRecord $record, Step $step): array
    {
        $position = $record->procedure?->revision->map->position($step->position);
        $target = $this->target($record, $step);
        $goal = $step->straightGoal();

        return [
            'step' => $step->id,
            'stage' => $step->stage,
            'position' => $step->position,
            'number' => $position?->number,
            'quantity' => $goal->quantity->value,
            'target' => $goal->target->typeset(),
            'window' => $goal->window->typeset(),
            'low' => (string) $goal->low->quantity()->inBase(),
            'high' => (string) $goal->high->quantity()->inBase(),
            'target_from' => $this->source($record, $target?->targetSource),
            'window_from' => $this->source($record, $target?->windowSource),
        ];
    }

    /** Whatever the lines name, each fetched once. */
    private function fetch(JointRecord $record): void
    {
        $named = fn (string $path): array => array_values(array_unique(array_filter(array_map(fn (Entry $e): ?string => $e->optional($path), ($record->run->entries ?? [])))));
        $this->calibrations = CalibrationRow::query()->whereKey($named('data.calibration'))->get()->keyBy('entry_id');
        $this->people = Person::query()->whereKey($named('person'))->get()->keyBy('id');
    }

    private function target(JointRecord $record, Step $step): ?StageTarget
    {
        foreach ($record->procedure?->revision->stages() ?? [] as $stage) {
            if ($stage->key() === $step->stage) {
                return $stage->targetAt($step->position);
            }
        }

        return null;
    }

    private function source(JointRecord $record, ?string $key): ?string
    {
        foreach ((array) data_get($record->procedure?->document, 'sources') as $source) {
            if (data_get($source, 'key') === $key) {
                return sprintf('%s, p. %s', data_get($source, 'title'), data_get($source, 'page'));
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function attempt(Attempt $attempt, Entry $entry): array
    {
        $calibration = $this->calibrations->get($entry->optional('data.calibration') ?? '');
        $value = $attempt->reading->measured();

        return [
            'entry' => $entry->id(),
            'number' => $attempt->number,
            'given' => $value->typeset(),
            'base' => (string) $value->quantity()->inBase(),
            'in_base' => self::inBase($value),
            'verdict' => $attempt->judgement->verdict->value,
            'word' => $attempt->judgement->verdict->word(),
            'evidence' => $attempt->judgement->evidence->value,
            'evidence_words' => $attempt->judgement->evidence->words(),
            'reason' => $attempt->judgement->reason,
            'status' => $attempt->status->value,
            'tool' => $entry->optional('data.tool_code'),
            'calibration' => $calibration === null ? null : sprintf('%s, due %s', Day::of($calibration->calibrated_on)->words(), Day::of($calibration->due_on)->words()),
            'person' => $this->people->get($attempt->reading->person)?->displayName(),
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
