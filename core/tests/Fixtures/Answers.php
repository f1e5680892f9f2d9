<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Tekkal\Core\Call\BenchView;
use Tekkal\Core\Call\CallKind;
use Tekkal\Core\Call\Rack;
use Tekkal\Core\Simulation\SimulatedHand;

/** Works at a bench by answering what it calls for; whatever has to settle gets its time, and a second person is there. */
final readonly class Answers
{
    public function __construct(private Bench $bench, private Rack $rack, private SimulatedHand $hand = new SimulatedHand)
    {
    }

    /** @return array<string, mixed> */
    public function call(): array
    {
        return (new BenchView($this->bench->fold, $this->rack))->toArray()['call'];
    }

    /** The call that comes up is answered. */
    public function one(): void
    {
        $call = $this->call();
        $answer = $this->hand->answer($call);
        $event = (array) $answer['event'];
        if ($call['kind'] === CallKind::Settle->value) {
            $this->bench->wait(is_int($call['least_s'] ?? null) ? $call['least_s'] : 0);
        }
        $this->bench->wait(4);
        match ($answer['command'] ?? $call['act'] ?? null) {
            'compare' => $this->bench->fold->paper->card() === null ? $this->bench->compares() : $this->bench->does('paper_ended'),
            'join' => $this->bench->does('second_person_joined', ['second_person' => 'bo']),
            'look' => $this->bench->does('second_look', ['steps' => $this->bench->unlooked($event['stage'] ?? null), 'finds' => 'as_recorded'], 'cy'),
            'decide' => $this->bench->does('disposed', ['step' => $event['at'] ?? '', 'disposition' => 'rework'], 'lead'),
            'accept_repair' => $this->bench->does('repair_accepted', ['position' => $event['at'] ?? ''], 'lead'),
            'finish' => $this->bench->does('run_finished'),
            default => $this->bench->told($event),
        };
    }

    /** @param  callable(array<string, mixed>): bool  $until  of the call that comes up; a procedure has a few hundred steps, more calls than these go round in a circle */
    public function until(callable $until, int $most = 1_500): void
    {
        for ($i = 0; $i < $most && ! $until($this->call()); $i++) {
            $this->one();
        }
    }
}
