<?php

declare(strict_types=1);

namespace Tekkal\Core\Acceptance;

/** What a result is, against its window or its question. */
enum Verdict: string
{
    case In = 'in';
    case Low = 'low';
    case High = 'high';
    /** A yes, a go, a check that held. */
    case Passed = 'passed';
    case Failed = 'failed';
    /** Done as said, where nothing is measured or the tool's setting was in. */
    case Attested = 'attested';
    /** A verification pass at which the fastener did not move: it had at least this torque, and no more is proved. */
    case NotBelow = 'not_below';
    /** Turned without resistance rising. */
    case GaveWay = 'gave_way';

    public function isGood(): bool
    {
        return match ($this) {
            self::In, self::Passed, self::Attested, self::NotBelow => true,
            self::Low, self::High, self::Failed, self::GaveWay => false,
        };
    }

    /** The word on screens and paper; "low" and "high" stay in the code. */
    public function word(): string
    {
        return match ($this) {
            self::In => 'in',
            self::Low => 'short',
            self::High => 'over',
            self::Passed => 'passed',
            self::Failed => 'failed',
            self::Attested => 'attested',
            self::NotBelow => 'not below',
            self::GaveWay => 'gave way',
        };
    }
}
