<?php

declare(strict_types=1);

namespace App\Bench;

use App\Record\FindingKind;
use DateTimeImmutable;
use Tekkal\Core\Plan\StraightGoal;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunState;

/** What somebody should look at in what a bench saw, though it was taken: sentences by kind of finding. */
final readonly class ObservationFindings
{
    /** A device's clock may be a little ahead of what its batch says of it. */
    private const AHEAD_S = 5;

    private const LATE_HOURS = 72;

    public function __construct(private RunContext $context, private Received $received)
    {
    }

    /**
     * @param  StraightGoal|null  $goal  of the step that the reading was applied to; null when it was not
     * @return array<string, string>
     */
    public function ofReading(ObservedReading $reading, RunState $before, Outcome $outcome, ToolUse $use, ?StraightGoal $goal): array
    {
        $verdict = $outcome->judgement?->verdict->value;

        return array_filter([
            FindingKind::ToolNotFit->value => match (true) {
                $use->tool === null => 'The crib knows no tool of this id.',
                $use->fitness !== null && ! $use->fitness->isFit() => implode(' ', $use->fitness->reasons),
                default => null,
            },
            FindingKind::ToolNotTaken->value => $goal !== null && $before->toolFor($goal->quantity) !== $reading->tool ? sprintf('%s is not the tool that had been taken for this round.', $use->tool->code ?? 'This') : null,
            FindingKind::OutOfSequence->value => $outcome->outOfSequence ? 'It was done before its turn in the sequence.' : null,
            FindingKind::VerdictDisagrees->value => $verdict !== null && $reading->deviceVerdict !== $verdict ? sprintf('The bench judged it "%s", the server "%s"; the server\'s verdict stands.', $reading->deviceVerdict, $verdict) : null,
            FindingKind::SourceDoubted->value => $reading->source() !== $reading->claimed ? sprintf('The bench said that it came from "%s"; no such tool is connected here, so it counts as typed.', $reading->claimed->value) : null,
        ]) + $this->ofCircumstances();
    }

    /** @return array<string, string> about who sent it and when, whatever it is */
    public function ofCircumstances(): array
    {
        $sitting = $this->received->sitting;
        $stamp = $this->received->observation->stamp;

        return array_filter([
            FindingKind::AfterSitting->value => $sitting->isLate($stamp->deviceSeq, now()->toImmutable()) ? 'It came after the sitting was closed, or more than 72 h after its end.' : null,
            FindingKind::NotHolder->value => $this->context->run->person !== $sitting->person ? 'It was done by somebody else than the one in whose hands the run was.' : null,
            FindingKind::TimeDoubtful->value => $this->doubtfulTime(),
            FindingKind::ResumedAfterIdle->value => $stamp->afterIdle ? 'The bench had locked itself, and somebody went on while no PIN could be checked.' : null,
        ]);
    }

    private function doubtfulTime(): ?string
    {
        // In seconds and their parts, for it is asked of every reading.
        $clock = self::seconds($this->received->byItsClock());
        $now = self::seconds(now()->toImmutable());

        return match (true) {
            $clock > $now + self::AHEAD_S => 'By the clock of the bench it was done after it was sent.',
            $clock < self::seconds($this->context->run->begun_at) - self::AHEAD_S => 'By the clock of the bench it was done before the run began.',
            $clock < $now - self::LATE_HOURS * 3600 => sprintf('By the clock of the bench it was done %d days before it was sent.', intdiv((int) ($now - $clock), 86_400)),
            default => null,
        };
    }

    private static function seconds(DateTimeImmutable $instant): float
    {
        return (float) $instant->format('U.u');
    }
}
