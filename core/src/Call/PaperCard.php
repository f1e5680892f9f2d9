<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\ToolUse;

/**
 * What is written by hand where a job is worked on paper: for every step of the plan one place, in the order in which it is
 * done; what is read off tools, bags and heads before; and what stands already, so that nobody does it again.
 */
final readonly class PaperCard
{
    private Needs $needs;

    private PaperBoxes $boxes;

    public function __construct(private RunFold $run)
    {
        $this->needs = new Needs($run);
        $this->boxes = new PaperBoxes($run, $this->needs);
    }

    /** @return list<string> to be written before the first round, each with room behind it */
    public function before(): array
    {
        $plan = $this->run->plan;
        $new = array_filter($plan->fasteners, fn ($f): bool => $f->reuse === Reuse::Never);
        [$agents, $dry] = [array_filter($plan->agents, fn (Agent $a): bool => $a->condition !== 'dry'), array_filter($plan->agents, fn (Agent $a): bool => $a->condition === 'dry')];

        return [
            ...array_values(array_map(fn ($f): string => "Stamped on the heads of $f->name", $plan->fasteners)),
            ...array_values(array_map(fn ($f): string => "Lot of the new ones, $f->name", $new)),
            ...array_values(array_map(fn (Agent $a): string => ucfirst($a->condition)." on the $a->surface: lot".($a->workingTime === null ? '' : ", put on at (works for {$a->workingTime->printed})"), $agents)),
            ...array_values(array_map(fn (Agent $a): string => ucfirst($a->surface).' clean and dry', $dry)),
            ...array_map(fn ($c): string => ucfirst($c->name).': lot', $plan->consumables),
            ...array_values(array_map(fn ($a): string => ucfirst($a->words()).': in, out', $plan->rigging->aids)),
        ];
    }

    /**
     * Rounds and checks in the order in which they are done. A round that is worked part by part comes once for each part.
     *
     * @return list<array{stage: string, title: string, tools: list<string>, aims: list<array{whom: string, says: string}>, boxes: list<array<string, mixed>>}>
     */
    public function sections(): array
    {
        return array_map($this->section(...), $this->inOrder());
    }

    /** @return list<non-empty-list<Step>> */
    private function inOrder(): array
    {
        $groups = $group = [];
        foreach ($this->run->plan->steps as $step) {
            $first = $group[0] ?? $step;
            if ($first->stage !== $step->stage || $first->leg !== $step->leg || $first->pass !== $step->pass) {
                $groups[] = $group;
                $group = [];
            }
            $group[] = $step;
        }

        return [...array_filter($groups), $group];
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @return array{stage: string, title: string, tools: list<string>, aims: list<array{whom: string, says: string}>, boxes: list<array<string, mixed>>}
     */
    private function section(array $steps): array
    {
        $first = $steps[0];
        $again = $first->rules->passes() > 1 ? ", pass $first->pass of at most {$first->rules->passes()}" : '';
        $leg = $first->leg === null ? '' : ', '.$this->run->names->place($first->leg);

        return [
            'stage' => $first->stage,
            'title' => ucfirst($this->run->names->waited($first->stage)).$leg.$again,
            'tools' => $this->tools($steps),
            'aims' => $this->aims($steps),
            'boxes' => array_map($this->boxes->of(...), $steps),
        ];
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @return list<string> which tools are written down by their numbers, and what of them
     */
    private function tools(array $steps): array
    {
        $says = [];
        foreach ($steps as $step) {
            foreach ($this->needs->of($step) as $need) {
                $set = $need->use === ToolUse::Torque && $step instanceof MeasuredStep;
                $says[ucfirst($need->kinds[0]->words()).($need->use === ToolUse::Held ? ' that holds' : '').': number'.($set ? ', scale before, scale after' : '')] = true;
            }
        }

        return array_keys($says);
    }

    /**
     * @param  non-empty-list<Step>  $steps
     * @return list<array{whom: string, says: string}> what is to be reached, as the tool shows it, and whom it is for where not all have the same
     */
    private function aims(array $steps): array
    {
        $numbers = [];
        foreach ($steps as $step) {
            $says = $step instanceof MeasuredStep ? $this->aim($step) : self::byHand($step);
            $numbers[$says][] = $this->run->plan->positions[$step->position]->number ?? '';
        }
        $aims = [];
        foreach ($numbers as $says => $whom) {
            $aims[] = ['whom' => count($numbers) === 1 ? '' : implode(', ', $whom), 'says' => (string) $says];
        }

        return array_values(array_filter($aims, fn (array $a): bool => $a['says'] !== ''));
    }

    private function aim(MeasuredStep $step): string
    {
        [$target, $window, $threshold] = [$this->needs->target($step), $this->needs->window($step), $step->threshold()];

        return match (true) {
            $window === null => 'value missing in the document: not to be done',
            $target === null => "{$window->typeset()} is good",
            default => "{$target->typeset()}".($threshold === null ? '' : " from {$threshold->typeset()}")."; {$window->typeset()} is good",
        };
    }

    private static function byHand(Step $step): string
    {
        $most = $step instanceof CheckStep ? null : $step->goal()?->window;

        return $most === null ? '' : "powered only up to {$most->typeset()}";
    }
}
