<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Lives;

use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\Attempt;
use Tekkal\Core\Run\AttemptStatus;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Event\RoundAttested;
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

    private readonly FirstFormat $told;

    /** @var array<string, true> ids of attested rounds, whose readings were named by position */
    private array $rounds = [];

    public function __construct(Plan $plan)
    {
        $this->fold = new RunFold($plan);
        $this->told = new FirstFormat($plan);
        $this->state = $this->state();
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array{event: array<string, mixed>, outcome: array<string, mixed>, changed: array<string, mixed>, gone?: list<string>}
     */
    public function next(array $event): array
    {
        $read = EventTypes::read($this->told->told($event));
        $this->rounds += $read instanceof RoundAttested ? [(string) $read->stamp->id => true] : [];
        $outcome = $this->fold->decide($read);
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
            'verdict' => $outcome->judgement()?->verdict->value, 'evidence' => $outcome->judgement()?->evidence->value, 'reason' => $outcome->judgement()?->reason,
            'out_of_sequence' => self::isOutOfSequence($outcome) ?: null,
        ], fn (mixed $v): bool => $v !== null);
    }

    private static function isOutOfSequence(Outcome $outcome): bool
    {
        return array_filter($outcome->effects, fn (Effect $e): bool => $e instanceof Stood && $e->early) !== [];
    }

    /** @return array<string, mixed> every value of the state by its path */
    private function state(): array
    {
        $state = $this->fold->freeze();

        return self::flat((new RunReport($this->fold))->toArray() + [
            'person' => $state->person, 'device' => $state->device, 'partner' => $state->partner, 'stopped_at' => $this->fold->stoppedAt(),
            'attempts' => array_map(fn (array $attempts): array => array_map($this->attempt(...), $attempts), $state->attempts),
        ]);
    }

    /** @return array<string, mixed> */
    private function attempt(Attempt $attempt): array
    {
        $given = $attempt->given;

        return [
            'number' => $attempt->number, 'id' => $attempt->id().(isset($this->rounds[$attempt->id()]) ? ':'.explode(':', $attempt->stood->step)[1] : ''),
            'status' => ($attempt->status->leavesOldMark() ? AttemptStatus::BackedOff : $attempt->status)->value, 'verdict' => $attempt->judgement->verdict->value,
            'evidence' => $attempt->judgement->evidence->value, 'reason' => $attempt->judgement->reason, 'out_of_sequence' => $attempt->outOfSequence && ! isset($this->rounds[$attempt->id()]), // what came of a round early had been forgotten
            'value' => $attempt->shown()?->code(), 'source' => $given->source->value,
            'tool' => $given->tool ?? (isset($this->rounds[$attempt->id()]) ? '' : null), 'person' => $attempt->person(), 'at' => $attempt->at()->format('Y-m-d\TH:i:s.up'),
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
