<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Run\CaseState;
use Tekkal\Core\Run\Disposition;
use Tekkal\Core\Run\RunFold;

/** What may be decided about a fault by somebody else than whoever worked, and what each word would cost. */
final readonly class Decisions
{
    /** @param  array<string, mixed>  $now  the stamp of whoever asks */
    public function __construct(private RunFold $run, private Rack $rack, private array $now)
    {
    }

    /** @return list<array<string, mixed>> each fault that waits for somebody's word */
    public function open(): array
    {
        $waiting = array_values(array_filter($this->run->faults->cases->openCases(), fn (CaseState $c): bool => $c->leadDecides));

        return array_map(fn (CaseState $c): array => [
            'case' => $c->case->id, 'step' => $c->step, 'title' => ucfirst($this->run->names->stepOf($c->step)).': '.$c->fault->words(), 'says' => $c->sentence, 'choices' => $this->of($c),
        ], $waiting);
    }

    /** @return list<array<string, mixed>> */
    public function of(CaseState $case): array
    {
        $choices = [];
        foreach ([Disposition::Rework, Disposition::Replace, Disposition::Scrap, Disposition::UseAsIs] as $disposition) {
            $weighing = new Weighing($this->run, new Pace($this->rack->known), $this->now);
            $outcome = $weighing->decide(['type' => 'disposed', 'step' => $case->step, 'case' => $case->case->id, 'disposition' => $disposition->value], other: true);
            $duties = ($weighing->would->state->cases()[$case->case->id] ?? $case)->toDo();
            $choices[] = ['disposition' => $disposition->value, 'says' => $disposition->words(), 'means' => $disposition->means()]
                + ($outcome->reason === null ? ['price' => (new Price($weighing->would, new Pace($this->rack->known)))->of($duties)] : ['why_not' => $outcome->reason->sentence()]);
        }

        return $choices;
    }
}
