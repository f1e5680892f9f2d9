<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** The weakest evidence that a round may rest on. */
enum Attestation: string
{
    case Measured = 'measured';
    case OneByOne = 'one_by_one';
    case AsRound = 'as_round';

    public function words(): string
    {
        return match ($this) {
            self::Measured => 'a measured value',
            self::OneByOne => 'a word for each fastener',
            self::AsRound => 'a word for the round',
        };
    }

    public function allows(self $given): bool
    {
        return match ($this) {
            self::Measured => $given === self::Measured,
            self::OneByOne => $given !== self::AsRound,
            self::AsRound => true,
        };
    }
}
