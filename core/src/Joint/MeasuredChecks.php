<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Brick\Math\RoundingMode;
use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Length;
use Tekkal\Core\Unit\Written;

/** What is measured between and after the rounds, in exact decimals. */
final class MeasuredChecks
{
    /**
     * Oil clearance: bore − 2 × shell − journal; shell crush and the bore's expansion are not in it.
     *
     * @throws JointException when the journal does not fit
     */
    public static function oilClearance(Length $bore, Length $shell, Length $journal): Length
    {
        $clearance = $bore->minus($shell)->minus($shell)->minus($journal);
        if ($clearance->inBase()->isNegative()) {
            throw new JointException(sprintf('The journal is larger than the shells leave room for, by %s mm; one of the three was misread.', $clearance->inBase()->abs()), 'journal', $journal->inBase().' mm', 'what bore and shells leave');
        }

        return $clearance;
    }

    /** End play: the shaft pushed one way and the other, two readings of one dial. */
    public static function endPlay(Length $forward, Length $back): Length
    {
        return self::between($forward, $back);
    }

    /**
     * Total indicated run-out: largest less smallest reading of one turn.
     *
     * @param  list<Length>  $readings  at least one
     *
     * @throws JointException when there is none
     */
    public static function runOut(array $readings): Length
    {
        (new Bounds(JointException::class))->some('the readings of one turn', $readings);
        $sorted = $readings;
        usort($sorted, fn (Length $a, Length $b): int => $a->inBase()->compareTo($b->inBase()));

        return self::between($sorted[0], $sorted[count($sorted) - 1]);
    }

    /** Change of a torque that turns the shaft, before and after; never below zero. */
    public static function change(Written $before, Written $after): Written
    {
        return $after->minus($before, RoundingMode::HALF_UP) ?? $before->minus($after, RoundingMode::HALF_UP) ?? $after;
    }

    /**
     * Between which a gap lies, by feelers: the thickest that enters and the thinnest that does not.
     *
     * @return array{Length, Length}
     *
     * @throws JointException when one that enters is thicker than one that does not
     */
    public static function feelers(Length $enters, Length $doesNot): array
    {
        if ($enters->inBase()->isGreaterThan($doesNot->inBase())) {
            throw new JointException(sprintf('A feeler of %s mm cannot enter where one of %s mm does not; one of the two was misread.', $enters->inBase(), $doesNot->inBase()), 'feeler', $enters->inBase().' mm', 'thinner than '.$doesNot->inBase().' mm');
        }

        return [$enters, $doesNot];
    }

    /** How much more the feeler that drags on one side measures than the one on the other: the part stands askew by that. */
    public static function askew(Length $oneSide, Length $otherSide): Length
    {
        return self::between($oneSide, $otherSide);
    }

    private static function between(Length $a, Length $b): Length
    {
        return $a->inBase()->isGreaterThan($b->inBase()) ? $a->minus($b) : $b->minus($a);
    }
}
