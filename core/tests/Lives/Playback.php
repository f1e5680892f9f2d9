<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\EventReader;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\RunReport;

/**
 * Carries events out, each as a file writes it, and says of each what it came to and what it changed. The words written
 * here are those of the golden files; they stay when a class or a property is renamed.
 */
final class Playback
{
    public readonly RunFold $fold;

    /** @var array<string, mixed> the state so far, by path */
    private array $state;

    public function __construct(Plan $plan)
    {
        $this->fold = new RunFold($plan);
        $this->state = $this->state();
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array{event: array<string, mixed>, outcome: array<string, mixed>, changed: array<string, mixed>, gone?: list<string>}
     */
    public function next(array $event): array
    {
        $outcome = $this->fold->apply(EventReader::read($event));
        $before = $this->state;
        $this->state = $this->state();
        $changed = array_filter($this->state, fn (mixed $value, string $path): bool => ! array_key_exists($path, $before) || $before[$path] !== $value, ARRAY_FILTER_USE_BOTH);
        $gone = array_keys(array_diff_key($before, $this->state));

        return ['event' => $event, 'outcome' => self::outcome($outcome), 'changed' => $changed] + ($gone === [] ? [] : ['gone' => $gone]);
    }

    /** @return array<string, mixed> */
    private static function outcome(Outcome $outcome): array
    {
        return array_filter([
            'standing' => $outcome->standing->value, 'set_aside' => $outcome->reason?->value,
            'verdict' => $outcome->judgement?->verdict->value, 'evidence' => $outcome->judgement?->evidence->value, 'reason' => $outcome->judgement?->reason,
            'out_of_sequence' => $outcome->outOfSequence ?: null,
        ], fn (mixed $v): bool => $v !== null);
    }

    /** @return array<string, mixed> every value of the state by its path */
    private function state(): array
    {
        $state = $this->fold->freeze();

        return self::flat((new RunReport($this->fold))->toArray() + [
            'person' => $state->person, 'device' => $state->device, 'partner' => $state->partner, 'stopped_at' => $state->stoppedAt,
            'attempts' => array_map(fn (array $attempts): array => array_map(self::attempt(...), $attempts), $state->attempts),
        ]);
    }

    /** @return array<string, mixed> */
    private static function attempt(Attempt $attempt): array
    {
        $given = $attempt->reading;

        return [
            'number' => $attempt->number, 'id' => $given->id, 'status' => $attempt->status->value, 'verdict' => $attempt->judgement->verdict->value,
            'evidence' => $attempt->judgement->evidence->value, 'reason' => $attempt->judgement->reason, 'out_of_sequence' => $attempt->outOfSequence,
            'value' => $given->value === null ? null : $given->value->digits.' '.$given->value->unit->code(), 'source' => $given->source->value,
            'tool' => $given->tool, 'person' => $given->person, 'at' => $given->at->format('Y-m-d\TH:i:s.up'),
        ];
    }

    /**
     * @param  array<mixed>  $tree
     * @return array<string, mixed>
     */
    private static function flat(array $tree, string $path = ''): array
    {
        $flat = [];
        foreach ($tree as $key => $value) {
            $value = $value instanceof \BackedEnum ? $value->value : $value;
            $flat += is_array($value) && $value !== [] ? self::flat($value, "$path/$key") : ["$path/$key" => $value];
        }

        return $flat;
    }
}
