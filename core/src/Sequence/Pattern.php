<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

/** The orders that can be generated. A generated order is a proposal; the document's own order comes first. */
enum Pattern: string
{
    case CrissCross = 'criss_cross';
    case Spiral = 'spiral';
    case Cross = 'cross';
    case Star = 'star';
    case Pairs = 'pairs';
    case Linear = 'linear';

    public function words(): string
    {
        return match ($this) {
            self::CrissCross => 'centre-out criss-cross',
            self::Spiral => 'centre-out spiral',
            self::Cross => 'cross',
            self::Star => 'star',
            self::Pairs => 'pair by pair',
            self::Linear => 'along the row',
        };
    }

    public function suits(Arrangement $arrangement): bool
    {
        return match ($this) {
            self::CrissCross, self::Spiral => $arrangement === Arrangement::Rows,
            self::Cross, self::Star => $arrangement === Arrangement::Circle,
            self::Pairs, self::Linear => true,
        };
    }
}
