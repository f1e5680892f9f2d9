<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Unit\Kind;

/** What one round does. */
enum StageKind: string
{
    /** Run down to contact, by hand or powered up to a stated low limit. */
    case Seat = 'seat';
    case Torque = 'torque';
    /** Through an angle counted from the threshold torque. */
    case Turn = 'turn';
    /** Until the elongation is in its window. */
    case Stretch = 'stretch';
    /** Back by an angle, or fully. */
    case Loosen = 'loosen';
    /** One part is held at a torque while another position is tightened: two people, two tools, one record. */
    case Hold = 'hold';
    /** At least, or at most, a time. */
    case Settle = 'settle';
    case Check = 'check';
    /** The same torque again; each position moved or did not move. */
    case VerificationPass = 'verification_pass';
    /** What a locking or damaged thread takes up, measured while running down. */
    case PrevailingTorque = 'prevailing_torque';
    /** What an audit finds later, by its own limits and method. */
    case ResidualTorque = 'residual_torque';

    /** The controlled quantity: the one that tells the operator to stop. Null where none is measured. */
    public function controls(): ?Kind
    {
        return match ($this) {
            self::Torque, self::Hold, self::VerificationPass, self::PrevailingTorque, self::ResidualTorque => Kind::Torque,
            self::Turn => Kind::Angle,
            self::Stretch => Kind::Length,
            self::Seat, self::Loosen, self::Settle, self::Check => null,
        };
    }

    /** Does the stage aim at a target? The others only have limits, or nothing to reach. */
    public function hasTarget(): bool
    {
        return match ($this) {
            self::Torque, self::Turn, self::Stretch, self::Hold, self::VerificationPass => true,
            self::Seat, self::Loosen, self::Settle, self::Check, self::PrevailingTorque, self::ResidualTorque => false,
        };
    }

    /** Is it done at every position of its groups? */
    public function isPerPosition(): bool
    {
        return match ($this) {
            self::Settle, self::Check => false,
            default => true,
        };
    }

    /** Does it leave the fastener tighter, so that a loose one has to begin with it again? */
    public function tightens(): bool
    {
        return match ($this) {
            self::Seat, self::Torque, self::Turn, self::Stretch, self::Hold => true,
            self::Loosen, self::Settle, self::Check, self::VerificationPass, self::PrevailingTorque, self::ResidualTorque => false,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Seat => 'seat',
            self::Torque => 'torque',
            self::Turn => 'turn',
            self::Stretch => 'stretch',
            self::Loosen => 'loosen',
            self::Hold => 'torque, held',
            self::Settle => 'settle',
            self::Check => 'check',
            self::VerificationPass => 'verification pass',
            self::PrevailingTorque => 'prevailing torque',
            self::ResidualTorque => 'residual torque',
        };
    }
}
