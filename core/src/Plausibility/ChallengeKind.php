<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

/** What is challenged in a revision. */
enum ChallengeKind: string
{
    case UnitSlip = 'unit_slip';
    case DecimalSlip = 'decimal_slip';
    case BeyondProof = 'beyond_proof';
    case AngleMustYield = 'angle_must_yield';
    case WindowTighterThanTool = 'window_tighter_than_tool';
    case VerificationAfterTurn = 'verification_after_turn';
    case SecondLoading = 'second_loading';
    case StretchBeyondCeiling = 'stretch_beyond_ceiling';
    case UnitsAtOdds = 'units_at_odds';
    case AgainstPrecedence = 'against_precedence';
    case SwappedTargets = 'swapped_targets';
    case ThresholdNotReached = 'threshold_not_reached';
    case TorqueAfterAngle = 'torque_after_angle';
    case LastRoundLower = 'last_round_lower';
    case NoLoadingStage = 'no_loading_stage';
    case DecidedOtherwise = 'decided_otherwise';
    case RoundUnmarked = 'round_unmarked';
    case OrderWarps = 'order_warps';
    case TooLow = 'too_low';
    case HoleTooLarge = 'hole_too_large';
    case TypedWindow = 'typed_window';
    case OverOutline = 'over_outline';
}
