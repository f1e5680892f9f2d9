<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Plan\Plan;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\Written;

/** Judges what was watched beside a controlled value: the partner's hold, a final torque, an angle, a stretch. */
final readonly class WatchedValues
{
    public function __construct(private Plan $plan)
    {
    }

    /**
     * A good value with what was to be watched beside it: the first that is out decides, and one that was not given leaves
     * it unproved.
     *
     * @param  list<Watched>  $given
     */
    public function judge(MeasuredStep $step, Judged $judged, array $given): Judged
    {
        [$watched, $missing] = $this->watched($step, $given);
        foreach ($watched as [$what, $value, $limits]) {
            $verdict = $limits->judge($value->quantity());
            if (! $verdict->isGood()) {
                $cause = Cause::ofWatched($what, $verdict === Verdict::Low);

                return (new Judged(new Judgement($verdict, $judged->judgement->evidence, sprintf('%s: %s, where %s is good.', ucfirst($cause->words()), $value->typeset(), $limits->typeset())), $judged->value, $judged->window))->because($cause);
            }
        }

        return $missing === null ? $judged
            : new Judged(new Judgement($judged->judgement->verdict, EvidenceGrade::Unknown, sprintf('%s The %s to be watched beside it was not given.', $judged->judgement->reason, $missing)), $judged->value, $judged->window);
    }

    /**
     * What was watched, with its limits, and the name of what should have been and was not given. What is named as what it
     * is goes first; the torque that a partner held is no final torque.
     *
     * @param  list<Watched>  $given
     * @return array{list<array{WatchedQuantity, Written, Window}>, string|null}
     */
    private function watched(MeasuredStep $step, array $given): array
    {
        $own = $step->rules->own;
        $held = $own instanceof HoldStage ? $own->held->window : null;
        $pairs = [];
        $missing = null;
        foreach ([...($held === null ? [] : [[$held, WatchedQuantity::HeldTorque]]), ...array_map(fn (Window $w): array => [$w, WatchedQuantity::of($w->kind())], $step->monitored)] as [$window, $what]) {
            $at = self::find($given, $window, $what);
            if ($at === null) {
                $missing ??= $what->words();
            } else {
                $pairs[] = [$what, $given[$at]->value, $this->shown($step, $what, $window)];
                unset($given[$at]);
            }
        }
        $ceiling = $own instanceof StretchStage ? $own->ceiling : null;
        foreach ($ceiling === null ? [] : $given as $watched) {
            if ($watched->value->unit->kind() === Kind::Torque) {
                $pairs[] = [WatchedQuantity::FinalTorque, $watched->value, $this->shown($step, WatchedQuantity::FinalTorque, new Window(null, $ceiling))];
            }
        }

        return [$pairs, $missing];
    }

    /** The limits as the wrench shows them: a final torque is read off it with the adapter on; what a partner holds, with a tool of their own. */
    private function shown(MeasuredStep $step, WatchedQuantity $what, Window $limits): Window
    {
        return $what === WatchedQuantity::FinalTorque ? $this->plan->adapterAt($step->position)?->setting($limits) ?? $limits : $limits;
    }

    /** @param  array<int, Watched>  $given */
    private static function find(array $given, Window $window, WatchedQuantity $what): ?int
    {
        $ofKind = array_filter($given, fn (Watched $w): bool => $w->value->unit->kind() === $window->kind() && $w->what !== WatchedQuantity::OtherEnd);

        return array_key_first(array_filter($ofKind, fn (Watched $w): bool => $w->what === $what)) ?? ($what === WatchedQuantity::FinalTorque ? null : array_key_first($ofKind));
    }
}
