<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\Attestation;
use Tekkal\Core\Plan\Step;
use Tekkal\Core\Run\Event\BackedOff;
use Tekkal\Core\Run\Event\CheckAnswered;
use Tekkal\Core\Run\Event\ClickAttested;
use Tekkal\Core\Run\Event\Event;
use Tekkal\Core\Run\Event\GaveWay;
use Tekkal\Core\Run\Event\MovementSeen;
use Tekkal\Core\Run\Event\ReadingTaken;
use Tekkal\Core\Run\Event\StepAttested;
use Tekkal\Core\Run\Event\StrokeAdded;

/** The events that give a step its result: what each says, and how it is judged. */
final class Results
{
    /** The step that the event gives a result to; null for every other event. */
    public static function stepOf(Event $event): ?string
    {
        return match (true) {
            $event instanceof ReadingTaken, $event instanceof StrokeAdded, $event instanceof ClickAttested, $event instanceof StepAttested,
            $event instanceof CheckAnswered, $event instanceof MovementSeen, $event instanceof GaveWay => $event->step,
            default => null,
        };
    }

    /** The event's own id; null where it has none and doing it twice changes nothing. */
    public static function idOf(Event $event): ?string
    {
        return match (true) {
            property_exists($event, 'id') && is_string($event->id) => $event->id,
            default => self::stampOf($event)?->id,
        };
    }

    public static function stampOf(Event $event): ?Stamp
    {
        return match (true) {
            property_exists($event, 'stamp') && $event->stamp instanceof Stamp => $event->stamp,
            default => null,
        };
    }

    public static function deviceOf(Event $event): ?string
    {
        return $event instanceof BackedOff ? $event->device : self::stampOf($event)?->device;
    }

    /** Null when a stroke leaves the angle under way. */
    public static function judge(RunFold $run, Step $step, Event $event, ?Elapsed $elapsed): Judgement|SetAsideReason|null
    {
        return match (true) {
            $event instanceof ReadingTaken => $run->judge->reading($step, $event),
            $event instanceof StrokeAdded => self::stroke($run, $step, $event),
            $event instanceof ClickAttested => $run->judge->attested($step, $run->settingOf($event->tool), Attestation::OneByOne),
            $event instanceof StepAttested => $run->judge->done($step, $elapsed),
            $event instanceof CheckAnswered => $run->judge->answer($step, $event),
            $event instanceof MovementSeen => $run->judge->movement($step, $event),
            $event instanceof GaveWay => $step->kind->isPerPosition()
                ? new Judgement(Verdict::GaveWay, EvidenceGrade::AttestedOneByOne, 'It turned without resistance rising.')
                : SetAsideReason::WrongAnswer,
            default => SetAsideReason::WrongAnswer,
        };
    }

    public static function given(RunFold $run, Step $step, Event $event): ?ResultInput
    {
        return match (true) {
            $event instanceof ReadingTaken => ResultInput::reading($event),
            $event instanceof StrokeAdded => new ResultInput($event->id, $step->id, $run->steps->sum($step->id, $event->angle), ReadingSource::Typed, $event->tool, $event->stamp),
            $event instanceof ClickAttested => ResultInput::word($event->id, $step->id, $event->tool, $event->stamp, $run->settingOf($event->tool)),
            $event instanceof StepAttested, $event instanceof CheckAnswered, $event instanceof MovementSeen, $event instanceof GaveWay => ResultInput::word($event->id, $step->id, null, $event->stamp),
            default => null,
        };
    }

    public static function addStroke(RunFold $run, Event $event): void
    {
        if ($event instanceof StrokeAdded) {
            $run->steps->addStroke($event->step, $event->angle, $event->id);
        }
    }

    public static function moved(Event $event): bool
    {
        return $event instanceof MovementSeen && $event->moved;
    }

    /** Strokes are judged once their sum reaches the window; in a stage of one motion the first stop decides. */
    private static function stroke(RunFold $run, Step $step, StrokeAdded $event): Judgement|SetAsideReason|null
    {
        if ($event->angle->unit->kind() !== $step->quantity()) {
            return SetAsideReason::WrongQuantity;
        }
        $judged = $run->judge->strokes($step, $run->steps->sum($step->id, $event->angle));

        return $judged instanceof Judgement && $judged->verdict === Verdict::Low && ! $step->rules->motion->oneMotion ? null : $judged;
    }
}
