<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** What a procedure is for. */
enum Purpose: string
{
    case Tightening = 'tightening';
    case Teardown = 'teardown';
    /** Residual torque, by limits and a method of its own; installation windows never judge it. */
    case ResidualAudit = 'residual_audit';

    public function allows(StageKind $kind): bool
    {
        return in_array($this, $kind->declaration()->purposes, true);
    }
}
