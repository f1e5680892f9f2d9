<?php

declare(strict_types=1);

namespace App\Bench\Queries;

use App\Bench\RunContext;
use App\Library\Queries\Procedures;
use App\Record\Models\Run;
use Tekkal\Core\Document\CheckKind;
use Tekkal\Core\Document\Purpose;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Run\StepBook;

/** What was read off the parts when this engine was taken apart, for the checks that read it again. */
final class StampsOfTeardown
{
    /** @return array<string, string> what teardown read, by the step that reads it again: of the same check at the same place */
    public static function for(string $subject, Plan $plan): array
    {
        $asked = self::steps($plan);
        $stamps = [];
        foreach ($asked === [] ? [] : self::teardowns($subject) as $run) {
            foreach (self::readIn($run) as $of => $reads) {
                $stamps[$of][$run->joint] = $reads;
            }
        }
        // Where two joints have the same words for it, nobody knows which is meant: nothing is guessed.
        $known = array_filter(array_intersect_key($stamps, $asked), fn (array $of): bool => count($of) === 1);

        return array_combine(array_map(fn (string $of): string => $asked[$of], array_keys($known)), array_map(fn (array $of): string => array_values($of)[0], array_values($known)));
    }

    /** @return array<string, string> what was read in a run, by check and place */
    private static function readIn(Run $run): array
    {
        $context = RunContext::get($run->id);
        $read = $context->fold->state->facts(StepBook::IDENTITY);

        return array_map(fn (string $step): string => $read[$step], array_filter(self::steps($context->plan), fn (string $step): bool => isset($read[$step])));
    }

    /** @return list<Run> the oldest first, so that what was read last counts */
    private static function teardowns(string $subject): array
    {
        return array_values(Run::query()->where('subject', $subject)->orderBy('begun_at')->get()->filter(fn (Run $r): bool => Procedures::revision($r->revision)->purpose === Purpose::Teardown)->all());
    }

    /** @return array<string, string> steps that read what is stamped, by check and place */
    private static function steps(Plan $plan): array
    {
        $steps = [];
        foreach ($plan->steps as $step) {
            if ($step instanceof CheckStep && $plan->checks[$step->check]->kind === CheckKind::Identity) {
                $steps["$step->check at $step->position"] = $step->id;
            }
        }

        return $steps;
    }
}
