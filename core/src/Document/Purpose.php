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
        return match ($this) {
            self::Tightening => $kind !== StageKind::ResidualTorque,
            self::Teardown => in_array($kind, [StageKind::Loosen, StageKind::Check, StageKind::Settle], true),
            self::ResidualAudit => in_array($kind, [StageKind::ResidualTorque, StageKind::Check, StageKind::Settle], true),
        };
    }
}
