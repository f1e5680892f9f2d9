<?php

declare(strict_types=1);

namespace App\Library;

enum RevisionState: string
{
    case InReview = 'in_review';
    case Returned = 'returned';
    case Approved = 'approved';
    case Superseded = 'superseded';
    case Withdrawn = 'withdrawn';

    public function words(): string
    {
        return match ($this) {
            self::InReview => 'in review',
            self::Returned => 'sent back',
            self::Approved => 'approved',
            self::Superseded => 'superseded',
            self::Withdrawn => 'withdrawn',
        };
    }
}
