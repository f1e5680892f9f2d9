<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Document\Agent;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Unit\Duration;

/** The time limits of a step: the working time of what is on its threads, and how soon after another round it must come. */
final readonly class Timing
{
    public function __construct(
        private Plan $plan,
        private StepBook $steps,
        private FastenerBook $fasteners,
        private Names $names,
    ) {
    }

    /** @return array{bool, list<string>} has a limit provably passed; and what is in doubt, as sentences */
    public function judge(Step $step, Stamp $now): array
    {
        if ($this->plan->agents === [] && $step->rules->waiting->within === null) {
            return [false, []];
        }
        $passed = false;
        $doubts = [];
        foreach ($this->limits($step) as [$seconds, $since, $what, $told]) {
            $elapsed = $since === null ? null : $now->since($since);
            if ($elapsed !== null && $elapsed->proved) {
                $passed = $passed || ! $told && $elapsed->seconds > $seconds;
            } elseif ($elapsed === null || $elapsed->seconds > $seconds / 2) {
                $doubts[] = sprintf('%s: whether %s of %s were kept cannot be proved.', ucfirst($this->names->step($step)), Duration::ofSeconds($seconds)->printed, $what);
            }
        }

        return [$passed, $doubts];
    }

    /** @return list<array{int, Stamp|null, string, bool}> seconds allowed, since when, of what, and does Expiry tell its end? */
    private function limits(Step $step): array
    {
        $group = $this->plan->positions[$step->position]->group ?? '';
        $limits = [];
        foreach ($this->plan->agents as $agent) {
            if ($agent->workingTime !== null && $step->kind->tightens() && self::covers($agent, $group)) {
                $limits[] = [$agent->workingTime->seconds, $this->fasteners->agentSince($agent->key, $step->position), $agent->condition, true];
            }
        }
        $within = $step->rules->waiting->within;
        if ($within !== null) {
            $limits[] = [$within['seconds'], $this->steps->live(Step::idOf($within['after'], $step->position))?->stamp, 'the time after '.$this->names->waited($within['after']), false];
        }

        return $limits;
    }

    private static function covers(Agent $agent, string $group): bool
    {
        return $agent->groups === [] || in_array($group, $agent->groups, true);
    }
}
