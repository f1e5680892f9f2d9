<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

use DateTimeImmutable;
use Tekkal\Core\Call\Beside;
use Tekkal\Core\Run\State;
use Tekkal\Core\Run\StateCodec;

/**
 * Plays a run by answering its own calls, with nobody at it: a PHP that is compiled as it runs has then compiled what the
 * first real answer needs. What is played is nowhere else, and goes with it.
 */
final class Rehearsal
{
    private Beside $run;

    private int $played = 0;

    private int $seconds = 0;

    /**
     * @param  string  $plan  the canonical bytes of a plan
     * @param  string  $where  the tools of the crib, as {@see Beside::stand()} takes them
     */
    public function __construct(private readonly string $plan, private readonly string $where, private readonly SimulatedHand $hand = new SimulatedHand)
    {
        $this->begin();
    }

    /** One call is answered; where nobody alone can answer it, the run begins again. */
    public function one(): void
    {
        $call = $this->call();
        $answer = $this->hand->answer($call);
        $event = $answer['event'] ?? [];
        if (! is_array($event) || ! isset($event['type']) || isset($answer['command'])) {
            $this->begin();

            return;
        }
        $this->seconds += is_int($call['least_s'] ?? null) ? $call['least_s'] : 0;
        $this->run->take($this->happens($event));
    }

    /** @return array<mixed> what is called for now */
    public function call(): array
    {
        $view = json_decode($this->run->view(), true);
        $call = is_array($view) ? $view['call'] ?? null : null;

        return is_array($call) ? $call : [];
    }

    private function begin(): void
    {
        $told = json_decode($this->where, true);
        $this->run = Beside::begin($this->plan);
        $this->run->stand((string) json_encode(['state' => StateCodec::toBody(new State), 'rack' => is_array($told) ? $told['rack'] ?? [] : []]));
        $this->run->decide($this->happens(['type' => 'run_begun']));
    }

    /** @param  array<mixed>  $event */
    private function happens(array $event): string
    {
        $this->seconds += 4;
        $this->played++;

        return (string) json_encode($event + [
            'id' => sprintf('00000000-0000-4000-8000-%012d', $this->played), 'person' => 'nobody', 'device' => 'nowhere',
            'taken_at' => (new DateTimeImmutable('2000-01-01T00:00:00Z'))->modify("+$this->seconds seconds")->format('Y-m-d\TH:i:sp'), 'mono_ms' => $this->seconds * 1000, 'clock' => 'none',
        ]);
    }
}
