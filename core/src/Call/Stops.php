<?php

declare(strict_types=1);

namespace Tekkal\Core\Call;

use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Run\Advice;
use Tekkal\Core\Run\CaseState;
use Tekkal\Core\Run\Lacking;
use Tekkal\Core\Run\NextAction;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Unit\Kind;

/** What went wrong and holds the work: the word that is shouted, the shape it is seen by from the corner of an eye, why it is so, and what it costs. */
final readonly class Stops
{
    public function __construct(private RunFold $run, private Pace $pace)
    {
    }

    /** @return array<string, mixed>|null null while nothing holds the work */
    public function toArray(): ?array
    {
        $at = $this->run->stoppedAt();
        if ($at === null) {
            return null;
        }
        foreach ($this->run->faults->cases->openCases() as $case) {
            if ($case->step === $at || ($case->fault === Fault::PulledAside && $case->asksOf($this->run->plan->step($at)->position))) {
                return $this->of($case, $at);
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function of(CaseState $case, string $at): array
    {
        return [
            'word' => self::word($case->fault), 'shape' => self::shape($case->fault), 'fault' => $case->fault->value, 'step' => $at, 'reason' => $this->reason($case->sentence, $at), 'says' => $case->sentence,
            'because' => $this->because($case->fault, $at), 'lead' => $case->leadDecides, 'price' => (new Price($this->run, $this->pace))->of($case->toDo()), 'reaches' => $this->reaches($case),
            'lacks' => (new Lacking($this->run->names))->of($case), 'ways' => array_map(fn (NextAction $w): string => $w->sentence, (new Advice($this->run))->nextActions()),
        ];
    }

    /** Why what was taken there is not good. */
    private function reason(string $says, string $step): string
    {
        $taken = $this->run->state->live($step);
        $isGood = $taken === null || ($taken->judgement->verdict->isGood() && $taken->judgement->evidence !== EvidenceGrade::Unknown);

        // Where the value was good, the rule's own first words say what was not.
        return $isGood ? (string) preg_replace('/\. .*$/su', '.', $says) : $taken->judgement->reason;
    }

    /** @return list<string> the positions that something is still asked of */
    private function reaches(CaseState $case): array
    {
        return array_values(array_filter(array_map(strval(...), array_keys($this->run->plan->positions)), $case->asksOf(...)));
    }

    private static function word(Fault $fault): string
    {
        return match ($fault) {
            Fault::Short => 'Short',
            Fault::Over, Fault::FarOver, Fault::OverStretched => 'Over',
            Fault::GaveWay => 'Gave way',
            Fault::FastenerBroke => 'Broke',
            Fault::PartnerLetGo => 'Let go',
            Fault::PartMoved => 'Moved',
            Fault::CheckFailed, Fault::CheckBetween => 'Failed',
            Fault::WillNotStart, Fault::WrongFastener, Fault::FellIn, Fault::WrongWayRound, Fault::DroppedWrench, Fault::ThreadUsedUp, Fault::TookReaction, Fault::Loosened, Fault::CheckReopened => 'Stop',
            Fault::NotProved, Fault::PulledAside, Fault::Touched, Fault::WrongSetting, Fault::DidTwo, Fault::DidAnother, Fault::ClickedWithoutMoving,
            Fault::TimePassed, Fault::WrongLubricant, Fault::ToolSlipped, Fault::WrenchDied, Fault::UnsureCount => 'Not proved',
        };
    }

    /** Of the frame round the sheet: closed, running off its edge, cracked, dotted, or half of it missing. */
    private static function shape(Fault $fault): string
    {
        return match (self::word($fault)) {
            'Over' => 'edge',
            'Gave way', 'Broke' => 'cracked',
            'Not proved' => 'dotted',
            'Let go' => 'half',
            default => 'closed',
        };
    }

    /** What is to be known of it, by the fault and by what is controlled there. Facts of the trade (common practice, no source). */
    private function because(Fault $fault, string $at): string
    {
        $turned = $this->run->plan->step($at)->kind->controls() === Kind::Angle;

        return match ($fault) {
            Fault::Short => $turned ? 'A stopped turn goes on only where its strokes are known and the reference was kept.' : 'A click got by nudging a stopped bolt is false: it is pulled anew in one free motion.',
            Fault::Over => 'It is never put right by easing it back to the number.',
            Fault::FarOver => 'So far over that the bolt is lost, and perhaps the thread: both are looked at.',
            Fault::OverStretched => 'Past its limit a bolt does not come back. What shares the part with it is measured, not scrapped.',
            Fault::GaveWay => 'Not one degree more; leave the bar off.',
            Fault::FastenerBroke => 'Keep every piece, and look where the rest of it is.',
            Fault::PartnerLetGo => 'Look at the marks of what was held first: if it turned, say so.',
            Fault::PartMoved, Fault::WrongWayRound => 'What was tightened against it holds something else than it should.',
            Fault::ClickedWithoutMoving => $turned ? 'After an angle, a click says nothing at all.' : 'A click on a tight bolt proves a minimum only.',
            Fault::DidAnother, Fault::DidTwo, Fault::Touched => 'It has more than anybody knows.',
            Fault::WrongSetting => 'Whatever was pulled at that setting has another torque than it should.',
            Fault::UnsureCount => 'Which ones have had it nobody can say: none has.',
            Fault::NotProved, Fault::ToolSlipped, Fault::WrenchDied => 'Nobody can show that it has had its round, so it has not.',
            Fault::PulledAside => 'What was pulled while it could not count was pulled all the same.',
            Fault::WrongLubricant => 'With another surface the same torque is another clamp load.',
            Fault::TimePassed => 'What has begun to set no longer holds as it should.',
            Fault::FellIn => 'Nothing is turned and nothing covered until it was found.',
            Fault::WillNotStart => 'Chase the thread by hand; never start a bolt with a wrench.',
            Fault::WrongFastener => 'Another bolt stretches otherwise and breaks elsewhere.',
            Fault::DroppedWrench => 'It is out of use until it was calibrated.',
            Fault::CheckFailed => 'Find out why before anything is tightened further.',
            Fault::CheckBetween => 'Good for the maker, not for the shop.',
            Fault::CheckReopened, Fault::Loosened => 'What was looked at before it came loose says nothing of it now.',
            Fault::TookReaction => 'It may have turned back a little, or be bent.',
            Fault::ThreadUsedUp => 'A thread wears with every tightening.',
        };
    }
}
