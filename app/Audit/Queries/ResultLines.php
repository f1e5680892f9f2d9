<?php

declare(strict_types=1);

namespace App\Audit\Queries;

use App\Crib\Models\CalibrationRow;
use App\Crib\Models\ToolRow;
use App\Ledger\Entry;
use App\People\Models\Person;
use Brick\Math\RoundingMode;
use Illuminate\Support\Collection;
use Tekkal\Core\Document\StageTarget;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Tool\Day;
use Tekkal\Core\Unit\Written;

/** Every attempt at every step of a joint, in plan order, with all that an auditor asks of it. */
final class ResultLines
{
    /** @var Collection<array-key, CalibrationRow> by entry */
    private Collection $calibrations;

    /** @var Collection<array-key, string> codes by id */
    private Collection $tools;

    /** @var Collection<array-key, Person> by id */
    private Collection $people;

    /** @var array<string, string> numbers of the cards that entries were copied from, by entry */
    private array $cards = [];

    /** @return list<array<string, mixed>> one per step, with its attempts; a step without any is missing */
    public function of(JointRecord $record): array
    {
        $entries = [];
        foreach (($record->run->entries ?? []) as $entry) {
            $entries[$entry->id()] = $entry;
        }
        $this->fetch($record);
        $this->cards = self::copied(array_values($entries));

        return array_map(fn (Step $step): array => [
            ...$this->step($record, $step),
            'attempts' => array_map(fn (Attempt $a): array => $this->attempt($a, $entries[$a->id()]), $record->run?->state->attemptsAt($step->id) ?? []),
        ], $record->procedure->plan->steps ?? []);
    }

    /** @return array<string, mixed> */
    private function step(JointRecord $record, Step $step): array
    {
        // A check of a part, or of the whole joint, stands at no fastener.
        $map = $record->procedure?->revision->map;
        $position = $map?->has($step->position) === true ? $map->position($step->position) : null;
        $target = $this->target($record, $step);
        $goal = $step->goal();
        $check = $step instanceof CheckStep ? $record->procedure?->plan->checks[$step->check] ?? null : null;
        $window = $check->window ?? $goal?->window;

        return [
            'step' => $step->id,
            'stage' => $step->stage,
            'position' => $step->position,
            'number' => $position?->number,
            'kind' => $step->kind->words(),
            'quantity' => $window?->kind()->value,
            'target' => $check->name ?? $goal?->target?->typeset(),
            'window' => $check?->limits() ?? $goal?->window?->typeset() ?? 'done as said',
            'low' => $window?->low === null ? null : (string) $window->low->quantity()->inBase(),
            'high' => $window?->high === null ? null : (string) $window->high->quantity()->inBase(),
            'target_from' => $this->source($record, $target?->targetSource),
            'window_from' => $this->source($record, $target?->windowSource),
        ];
    }

    /**
     * What stands between a card being taken up and put down was copied from it.
     *
     * @param  list<Entry>  $entries
     * @return array<string, string> numbers of cards, by entry
     */
    private static function copied(array $entries): array
    {
        [$copied, $card] = [[], null];
        foreach ($entries as $entry) {
            $card = match ($entry->type()) {
                'paper_begun' => $entry->text('event.card'),
                'paper_ended' => null,
                default => $card,
            };
            $copied += $card === null ? [] : [$entry->id() => $card];
        }

        return $copied;
    }

    /** Whatever the lines name, each fetched once. */
    private function fetch(JointRecord $record): void
    {
        $named = fn (string $path): array => array_values(array_unique(array_filter(array_map(fn (Entry $e): ?string => $e->optional($path), ($record->run->entries ?? [])))));
        $this->calibrations = CalibrationRow::query()->whereKey(self::resting($record))->get()->keyBy('entry_id');
        $this->tools = ToolRow::query()->whereKey($named('event.tool'))->pluck('code', 'id');
        $this->people = Person::query()->whereKey($named('event.person'))->get()->keyBy('id');
    }

    /** @return list<string> the calibrations that the run's results rest on */
    private static function resting(JointRecord $record): array
    {
        return array_values(array_unique(array_filter(array_map(fn (Entry $e): ?string => $e->restsOn('calibration'), $record->run->entries ?? []))));
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
        $calibration = $this->calibrations->get($entry->restsOn('calibration') ?? '');
        // Of a length over the whole bolt it is the stretch that is judged.
        $value = $attempt->stood->judged->value;
        $given = $attempt->given->value;

        return [
            'entry' => $entry->id(),
            'number' => $attempt->number,
            // A setting is what was asked of the tool, and never a reading.
            'given' => $given?->typeset() ?? ($attempt->given->setting === null ? null : 'set to '.$attempt->given->setting->typeset()),
            'base' => $given === null || $value === null ? null : (string) $value->quantity()->inBase(),
            'in_base' => $given === null || $value === null ? null : self::inBase($value),
            'verdict' => $attempt->judgement->verdict->value,
            'word' => $attempt->judgement->verdict->word(),
            'evidence' => $attempt->judgement->evidence->value,
            'evidence_words' => $attempt->judgement->evidence->words(),
            'reason' => $attempt->judgement->reason,
            'status' => $attempt->status->value,
            'tool' => $this->tools->get($attempt->given->tool ?? ''),
            'calibration' => $calibration === null ? null : sprintf('%s, due %s', Day::of($calibration->calibrated_on)->words(), Day::of($calibration->due_on)->words()),
            'person' => $this->people->get($attempt->person())?->displayName(),
            'card' => $this->cards[$entry->id()] ?? null,
            'at' => $entry->text('event.taken_at'),
            'seq' => $entry->seq(),
            'leaf_hash' => $entry->leafHash,
            'simulated' => $entry->flag('simulated'),
            'findings' => self::findings($attempt, $entry),
        ];
    }

    /**
     * What was noticed about what gave no result: a bench unlocked without a PIN, a tool that was not fit; and that the run
     * went on under other rules than it was begun with.
     *
     * @param  list<Entry>  $entries
     * @return list<array{kind: string, sentence: string, at: string, wrong: bool}>
     */
    public static function noticed(array $entries): array
    {
        $noticed = [];
        $rules = null;
        foreach ($entries as $entry) {
            $before = $rules ?? $entry->text('core_version');
            $rules = $entry->text('core_version');
            if ($rules !== $before) {
                $noticed[] = ['kind' => 'other rules', 'sentence' => sprintf('From here on it was decided by rules %s, before by rules %s. What had been decided stands as it was.', $rules, $before), 'at' => $entry->text('event.taken_at'), 'wrong' => false];
            }
            $outcome = $entry->outcome();
            $effects = $outcome === null ? [] : Outcome::fromBody($outcome)->effects;
            $gaveResult = array_filter($effects, fn ($e): bool => $e instanceof Stood) !== [];
            foreach ($gaveResult ? [] : array_filter($effects, fn ($e): bool => $e instanceof Found) as $found) {
                $noticed[] = ['kind' => $found->kind->words(), 'sentence' => $found->sentence, 'at' => $entry->text('event.taken_at'), 'wrong' => true];
            }
        }

        return $noticed;
    }

    /** @return list<array{kind: string, sentence: string}> what was noticed about this result: of the whole entry, or of its step */
    private static function findings(Attempt $attempt, Entry $entry): array
    {
        $effects = Outcome::fromBody($entry->outcome() ?? [])->effects;
        $found = array_filter($effects, fn ($e): bool => $e instanceof Found && ($e->steps === [] || in_array($attempt->stood->step, $e->steps, true)));

        return array_values(array_map(fn (Found $f): array => ['kind' => $f->kind->words(), 'sentence' => $f->sentence], $found));
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
