<?php

declare(strict_types=1);

namespace App\Crib;

/** What becomes of an engine, or of some of its fasteners, that a case has touched. */
enum CaseDecision: string
{
    case UseAsIs = 'use_as_is';
    case Redo = 'redo';
    case Replace = 'replace';
    case Recall = 'recall';
    /** Looked at by a residual audit, where that is valid, and found good. */
    case Audited = 'audited';

    public function words(): string
    {
        return match ($this) {
            self::UseAsIs => 'use as is',
            self::Redo => 'back off and redo',
            self::Replace => 'replace',
            self::Recall => 'recall the engine',
            self::Audited => 'audited on the engine and good',
        };
    }
}
