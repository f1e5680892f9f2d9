<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\CaseState;
use Tekkal\Core\Run\Duty;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;

/** What would come of it: the event is decided on a copy of the run, by the very rules that will decide it, and the run stays as it is. */
final readonly class Weighing
{
    /** Stands for whoever would say it at a desk or bench: never the one whose work it is. */
    private const SOMEBODY_ELSE = 'somebody.else';

    public RunFold $would;

    /** @param  array<string, mixed>  $now  taken_at, and mono_ms and clock where a device tells them */
    public function __construct(private RunFold $run, private Pace $pace, public array $now)
    {
        $this->would = new RunFold($run->plan, clone $run->state);
    }

    /**
     * @param  array<string, mixed>  $event  type and content
     * @param  bool  $other  is it somebody else than whoever works here who says it?
     */
    public function decide(array $event, bool $other = false): Outcome
    {
        $hands = $this->run->state->hands();

        $by = ['id' => $other ? 'weighed.word' : 'weighed.'.$this->run->state->seq(), 'person' => $other || $hands === null ? self::SOMEBODY_ELSE : $hands->person] + ($hands?->device === null ? [] : ['device' => $hands->device]);

        return $this->would->decide(EventTypes::read($event + $by + $this->now));
    }

    /** @return array<string, mixed> what it would cost to put right what an outcome has opened, and where; all that it asks for is new to the run */
    public function price(): array
    {
        return (new Price($this->would, $this->pace))->of($this->duties());
    }

    /** @return list<string> the rule that each fault which it opens comes under, as sentences */
    public function rules(Outcome $outcome): array
    {
        $opened = array_filter($outcome->effects, fn (object $e): bool => $e instanceof CaseOpened);

        return array_values(array_unique(array_map(fn (CaseOpened $c): string => $c->case->ruling->says, $opened)));
    }

    /** @return list<string> the positions that it would put in doubt or ask something of */
    public function reaches(): array
    {
        $duties = array_map(fn (Duty $d): string => $d->at, $this->duties());

        return array_values(array_intersect(array_map(strval(...), array_keys($this->run->plan->positions)), $duties));
    }

    public function leadDecides(): bool
    {
        return array_filter($this->cases(), fn (CaseState $c): bool => $c->leadDecides) !== [];
    }

    /** @return list<CaseState> those that are open then and were not before */
    public function cases(): array
    {
        return array_values(array_diff_key($this->would->state->openCases(), $this->run->state->openCases()));
    }

    /** @return list<Duty> */
    private function duties(): array
    {
        $before = $this->run->state->openCases();
        $duties = [];
        foreach ($this->would->state->openCases() as $id => $case) {
            $known = array_map(fn (Duty $d): int => $d->number, isset($before[$id]) ? $before[$id]->toDo() : []);
            array_push($duties, ...array_filter($case->toDo(), fn (Duty $d): bool => ! in_array($d->number, $known, true)));
        }

        return $duties;
    }
}
