<?php

declare(strict_types=1);

namespace Tekkal\Core\Run;

use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\StageKind;
use Tekkal\Core\Plan\MeasuredStep;
use Tekkal\Core\Unit\Written;

/** What should be on the metal at one position: a stroke per round done, old strokes beside a redo, a fault, a line. */
final readonly class PaintMarks
{
    /**
     * @param  list<EvidenceGrade>  $strokes  one per round done, in order; the grade is the line's weight
     * @param  Written|null  $line  how far from its first place the paint line points after the angle rounds done, clockwise
     *                              as the fastener is tightened, whole turns taken off; null before the first of them
     */
    private function __construct(
        public array $strokes,
        public int $oldStrokes,
        public ?Verdict $fault,
        public ?Written $line,
    ) {
    }

    /** The weakest evidence that the position rests on; null before its first round. */
    public function weakest(): ?EvidenceGrade
    {
        $weakest = null;
        foreach ($this->strokes as $grade) {
            $weakest = $weakest === null ? $grade : $weakest->weaker($grade);
        }

        return $weakest;
    }

    /** @return array<string, self> by position key */
    public static function of(RunState $state): array
    {
        $strokes = $old = $faults = $lines = $sums = $bare = [];
        foreach ($state->plan->steps as $step) {
            if (! $step->kind->isPerPosition()) {
                continue;
            }
            $at = $step->position;
            $strokes[$at] ??= [];
            if (! isset($state->attempts[$step->id])) {
                continue;
            }
            $live = $state->liveAttempt($step->id);
            if ($live !== null && $live->stood->as !== StepStatus::Stopped) {
                $strokes[$at][] = $live->judgement->evidence;
                $turned = $step instanceof MeasuredStep && $step->kind === StageKind::Turn ? $step->target ?? $live->shown() : null;
                // A round turns all its positions alike: what two angles come to is computed once.
                $lines[$at] = $turned === null || ! isset($lines[$at]) ? $turned ?? $lines[$at] ?? null : $sums["{$lines[$at]->code()} {$turned->code()}"] ??= $lines[$at]->plus($turned, RoundingMode::HALF_UP);
            } elseif ($live !== null) {
                $faults[$at] = $live->judgement->verdict;
            }
            foreach ($state->attempts[$step->id] as $attempt) {
                $old[$at] = ($old[$at] ?? 0) + ($attempt->status->leavesOldMark() ? 1 : 0);
            }
        }
        $marks = [];
        foreach ($strokes as $position => $grades) {
            $line = $lines[$position] ?? null;
            $marks[$position] = new self($grades, $old[$position] ?? 0, $faults[$position] ?? null, $line === null ? null : $bare[$line->code()] ??= $line->withoutWholeTurns());
        }

        return $marks;
    }
}
