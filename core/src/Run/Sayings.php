<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Run\Effect\Became;
use Tekkal\Core\Run\Effect\CaseOpened;
use Tekkal\Core\Run\Effect\Effect;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Effect\Stood;

/** What the person at the bench is told of a decision. */
final class Sayings
{
    private const ELSEWHERE = 'A fault was reported elsewhere meanwhile, and it reaches this. What was done is kept; it counts once the fault is settled.';

    /**
     * @param  list<Effect>  $effects
     * @param  string  $lacking  what is still wanting before the work may go on
     * @return list<Saying>
     */
    public static function of(?SetAsideReason $reason, array $effects, string $lacking = ''): array
    {
        $say = $reason === null ? [] : [new Saying(Tone::Aside, trim($reason->sentence().' '.$lacking))];
        $told = [];
        foreach ($effects as $effect) {
            $one = match (true) {
                $effect instanceof Stood => new Saying($effect->judged->status() === StepStatus::Done ? Tone::Good : Tone::Stop, $effect->judged->judgement->reason),
                $effect instanceof CaseOpened => new Saying(Tone::Stop, $effect->case->ruling->says),
                $effect instanceof Became && self::isDoubtedElsewhere($effect, $effects) => new Saying(Tone::Stop, self::ELSEWHERE),
                $effect instanceof Found => new Saying($effect->kind->stops() ? Tone::Stop : Tone::Note, $effect->sentence),
                default => null,
            };
            // The steps of one round are told the same, once.
            if ($one !== null && ! isset($told[$one->sentence])) {
                $told[$one->sentence] = true;
                $say[] = $one;
            }
        }

        return $say;
    }

    /**
     * Does a case that this event did not open put in doubt what it did?
     *
     * @param  list<Effect>  $effects
     */
    private static function isDoubtedElsewhere(Became $became, array $effects): bool
    {
        if ($became->status !== StepStatus::Unknown || $became->case === null) {
            return false;
        }
        foreach ($effects as $effect) {
            if ($effect instanceof CaseOpened && $effect->case->id === $became->case) {
                return false;
            }
        }
        foreach ($effects as $effect) {
            if ($effect instanceof Stood && in_array($effect->step, $became->steps, true)) {
                return true;
            }
        }

        return false;
    }
}
