<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

/** How a result is known. Kept with the result and never raised later. */
enum EvidenceGrade: string
{
    case Curve = 'curve';
    case MeasuredValue = 'measured_value';
    /** Read, written down on paper, and typed in later. */
    case Transcribed = 'transcribed';
    case AttestedOneByOne = 'attested_one_by_one';
    case AttestedAsRound = 'attested_as_round';
    case Unknown = 'unknown';

    /** The weaker of the two; the cases stand in order, the strongest first. */
    public function weaker(self $other): self
    {
        return array_search($this, self::cases(), true) >= array_search($other, self::cases(), true) ? $this : $other;
    }

    /** As counted in a sentence: "18 measured and in; 20 attested one by one". */
    public function words(): string
    {
        return match ($this) {
            self::Curve => 'recorded as a curve',
            self::MeasuredValue => 'measured',
            self::Transcribed => 'copied from paper',
            self::AttestedOneByOne => 'attested one by one',
            self::AttestedAsRound => 'attested as a round',
            self::Unknown => 'not proved',
        };
    }
}
