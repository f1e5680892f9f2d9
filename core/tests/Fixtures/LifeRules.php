<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Fixtures;

use Tekkal\Core\Document\Reuse;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Ledger\CanonicalJson;
use Tekkal\Core\Plan\CheckStep;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Effect\Stood;
use Tekkal\Core\Run\Effect\ThingIs;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ResultEvent;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\StateCodec;
use Tekkal\Core\Run\StepBook;
use Tekkal\Core\Run\ThingKind;
use Tekkal\Core\Run\ThingState;

/**
 * What holds of every run, whatever happens at the bench: sentences that are held to what was recorded, event by event,
 * and not to what the core's own books say of it.
 */
final readonly class LifeRules
{
    private const WAY_OUT = 900;

    /**
     * Goes on with a life by whatever is offered, to its end.
     *
     * @return list<string> the sentences that it breaks
     */
    public static function broken(Bench $bench): array
    {
        return [...self::offers($bench), ...self::toTheEnd($bench), ...self::ofTheEnd($bench), ...self::replay($bench)];
    }

    /** @return list<string> */
    private static function offers(Bench $bench): array
    {
        $broken = [];
        if ($bench->state()->device !== 'bench1' && ! $bench->state()->finished) {
            $bench->takenOver('ann', 'bench1');
        }
        foreach ($bench->advice()->nextActions() as $way) {
            $outcome = (new Hand($bench->copy()))->follow($way);
            if (! $outcome->isApplied()) {
                $broken[] = "Every offered next action is accepted: $way->do $way->at was not. ".$outcome->reason?->sentence();
            }
        }

        return $broken;
    }

    /** @return list<string> */
    private static function toTheEnd(Bench $bench): array
    {
        $hand = new Hand($bench);
        for ($i = 0; $i < self::WAY_OUT && ! $bench->state()->finished; $i++) {
            $ways = $bench->advice()->nextActions();
            // Turn about the first and the last of what is offered: whoever begins where, it comes to an end.
            $way = $ways === [] ? null : $ways[$i % 3 === 0 ? 0 : count($ways) - 1];
            $outcome = $way === null ? null : $hand->follow($way);
            if ($way === null || $outcome?->isApplied() !== true) {
                return ['From every state a way on, and every one offered is accepted: '.($way === null ? 'none is offered.' : "$way->do $way->at was not. ".$outcome?->reason?->sentence())];
            }
        }

        return $bench->state()->finished ? [] : ['From every state a way to the end: after '.self::WAY_OUT.' ways on there is still "'.implode(', ', array_slice($bench->ways(), 0, 3)).'".'];
    }

    /** @return list<string> */
    private static function ofTheEnd(Bench $bench): array
    {
        if (! $bench->state()->finished) {
            return [];
        }
        $broken = [];
        [$loosened, $pulledAside] = self::metal($bench);
        foreach ($bench->fold->plan->steps as $step) {
            $live = $bench->fold->state->live($step->id);
            $accepted = self::isAccepted($bench, $step->position);
            foreach ($live !== null && self::looksAtClamped($bench, $step) ? $bench->fold->steps->places->of($step) : [] as $position) {
                if (($loosened[$position] ?? 0) > $live->seq && self::concerns($bench, $step, $position) && ! self::isOpenedSince($bench, $step, $position)) {
                    $broken[] = "No run finishes while a check is older than the last loosening under it: $step->id, $position.";
                }
            }
            if ($live !== null && ! $accepted && ! $live->judgement->verdict->isGood()) {
                $broken[] = "Nothing is done that was short: $step->id.";
            }
            $aside = $pulledAside[$step->position] ?? 0;
            // A stretch is measured again where it stands.
            if ($live !== null && ! $accepted && $step->kind->turnsBolt() && $step->kind !== StageKind::Stretch && $aside > ($loosened[$step->position] ?? 0) && $aside < self::ended($bench)) {
                $broken[] = "Nothing is done whose last pull was set aside: $step->id.";
            }
        }

        return [...$broken, ...self::spentOnce($bench), ...self::beside($bench)];
    }

    /** @return list<string> of aids, the shaft, second looks and strokes */
    private static function beside(Bench $bench): array
    {
        $broken = $in = [];
        foreach ($bench->history as [$event, $outcome]) {
            foreach ($outcome->effects as $effect) {
                if ($effect instanceof ThingIs && $effect->thing->thing === ThingKind::Aid) {
                    $in[$effect->thing->notes->kind.' '.$effect->thing->at] = $effect->thing->is === ThingState::In;
                }
                $step = $effect instanceof Stood ? $bench->fold->plan->step($effect->step) : null;
                $check = $step instanceof CheckStep ? $bench->fold->plan->checks[$step->check] : null;
                foreach ($step !== null && $check?->turnsShaft === true ? array_keys(array_filter($in)) : [] as $aid) {
                    $key = explode(' ', $aid)[0];
                    if (($bench->fold->plan->rigging->aids[$key] ?? null)?->holdsShaft === true && ! in_array($key, $step->rules->waiting->fit, true)) {
                        $broken[] = "No shaft is turned while a lock is in: $step->id, $key.";
                    }
                }
            }
        }
        foreach (array_keys(array_filter($in)) as $aid) {
            $broken[] = "No run finishes while an aid is in: $aid.";
        }
        foreach ($bench->fold->plan->steps as $step) {
            $live = $step->rules->result->secondLook ? $bench->fold->state->live($step->id) : null;
            $look = (string) $bench->fold->state->factAt($step->id, StepBook::SECOND_LOOK);
            if ($live !== null && ! str_starts_with($look, 'as_recorded by ') && ! self::isAccepted($bench, $step->position) || $live !== null && str_ends_with($look, ' by '.$live->person())) {
                $broken[] = "Where a second person looks, one has looked, and not at their own work: $step->id.";
            }
        }

        return $broken;
    }

    /** @return list<string> */
    private static function spentOnce(Bench $bench): array
    {
        $broken = [];
        foreach ($bench->fold->plan->positions as $place) {
            $type = $bench->fold->plan->fastenerAt($place->key);
            $most = match ($type?->reuse) {
                Reuse::Never => 1,
                Reuse::UpTo => $type->cycles ?? 1,
                default => PHP_INT_MAX,
            };
            if (! self::isAccepted($bench, $place->key) && $bench->state()->cycles($place->key) > $most) {
                $broken[] = "No single-use fastener goes past its loading stage twice, and none more often than it may: $place->key.";
            }
        }

        return $broken;
    }

    /** @return list<string> */
    private static function replay(Bench $bench): array
    {
        $replay = new RunFold($bench->fold->plan);
        foreach ($bench->history as [$event, $outcome]) {
            $replay->apply($event->stamp, Outcome::fromBody($outcome->toBody()));
        }

        return CanonicalJson::encode(StateCodec::toBody($replay->state)) === CanonicalJson::encode(StateCodec::toBody($bench->fold->state)) ? [] : ['Replay equals live: it does not.'];
    }

    /**
     * When each position last came loose outside the procedure, and when something was last pulled there that did not count.
     *
     * @return array{array<string, int>, array<string, int>} by position, numbers of events
     */
    private static function metal(Bench $bench): array
    {
        $loosened = $pulled = $is = [];
        foreach ($bench->history as $i => [$event, $outcome]) {
            $ownLoosening = false;
            foreach ($outcome->effects as $effect) {
                $ownLoosening = $ownLoosening || $effect instanceof Stood && $effect->kind === StageKind::Loosen;
                if ($effect instanceof ThingIs && $effect->thing->thing === ThingKind::Bolt) {
                    $at = $effect->thing->at;
                    $was = $is[$at] ?? ThingState::Loose;
                    $is[$at] = $effect->thing->is;
                    if (! $ownLoosening && $effect->thing->is === ThingState::Loose && $was !== ThingState::Loose) {
                        $loosened[$at] = $i + 1;
                    }
                }
            }
            $step = $event instanceof ResultEvent && $bench->fold->plan->has($event->step) ? $bench->fold->plan->step($event->step) : null;
            if ($step !== null && $outcome->reason?->leavesMetalTurned() === true && $step->kind->turnsBolt() && ! $event instanceof MovementSeen) {
                $pulled[$step->position] = $i + 1;
            }
        }

        return [$loosened, $pulled];
    }

    /** Has a lead said of something there that it stays as it is? */
    private static function isAccepted(Bench $bench, string $position): bool
    {
        return array_filter($bench->fold->steps->stepsAt($position), fn (Step $s): bool => $bench->fold->state->factAt($s->id, StepBook::ACCEPTED) !== null) !== [];
    }

    private static function looksAtClamped(Bench $bench, Step $step): bool
    {
        $place = $bench->fold->plan->placeOf($step->id);
        foreach ($step instanceof CheckStep && ! $step->opensLeg() ? array_reverse(array_slice($bench->fold->plan->steps, 0, $place)) : [] as $before) {
            if (in_array($before->position, $bench->fold->steps->places->of($step), true) && ($before->kind->turnsBolt() || $before->kind === StageKind::Loosen)) {
                return $before->kind->turnsBolt();
            }
        }

        return false;
    }

    /** Was the position tightened before the check, or had it to wait for it? */
    private static function concerns(Bench $bench, Step $check, string $position): bool
    {
        $place = $bench->fold->plan->placeOf($check->id);

        return array_filter($bench->fold->plan->steps, fn (Step $s, int $i): bool => $s->position === $position
            && ($i < $place && $s->kind->turnsBolt() || in_array($check->stage, $s->rules->waiting->needs, true)), ARRAY_FILTER_USE_BOTH) !== [];
    }

    /** Has the procedure itself loosened the position after this check? */
    private static function isOpenedSince(Bench $bench, Step $check, string $position): bool
    {
        foreach (array_slice($bench->fold->plan->steps, $bench->fold->plan->placeOf($check->id)) as $step) {
            if ($step->kind === StageKind::Loosen && $step->position === $position) {
                return true;
            }
        }

        return false;
    }

    private static function ended(Bench $bench): int
    {
        foreach ($bench->history as $i => [$event, $outcome]) {
            if ($event->type() === 'run_finished' && $outcome->isApplied()) {
                return $i + 1;
            }
        }

        return PHP_INT_MAX;
    }
}
