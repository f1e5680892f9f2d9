<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

use Tekkal\Core\Document\StageKinds\CheckStage;
use Tekkal\Core\Document\StageKinds\HoldStage;
use Tekkal\Core\Document\StageKinds\LoosenStage;
use Tekkal\Core\Document\StageKinds\PrevailingTorqueStage;
use Tekkal\Core\Document\StageKinds\ResidualTorqueStage;
use Tekkal\Core\Document\StageKinds\SeatStage;
use Tekkal\Core\Document\StageKinds\SettleStage;
use Tekkal\Core\Document\StageKinds\StageDeclaration;
use Tekkal\Core\Document\StageKinds\StageOwn;
use Tekkal\Core\Document\StageKinds\StretchStage;
use Tekkal\Core\Document\StageKinds\Targets;
use Tekkal\Core\Document\StageKinds\TorqueStage;
use Tekkal\Core\Document\StageKinds\TurnStage;
use Tekkal\Core\Document\StageKinds\VerificationStage;
use Tekkal\Core\Unit\Kind;

/** What one round does. The word that documents use; everything else about a kind stands in its declaration. */
enum StageKind: string
{
    case Seat = 'seat';
    case Torque = 'torque';
    case Turn = 'turn';
    case Stretch = 'stretch';
    case Loosen = 'loosen';
    case Hold = 'hold';
    case Settle = 'settle';
    case Check = 'check';
    case VerificationPass = 'verification_pass';
    case PrevailingTorque = 'prevailing_torque';
    case ResidualTorque = 'residual_torque';

    /** @return class-string<StageOwn> */
    private function own(): string
    {
        return match ($this) {
            self::Seat => SeatStage::class,
            self::Torque => TorqueStage::class,
            self::Turn => TurnStage::class,
            self::Stretch => StretchStage::class,
            self::Loosen => LoosenStage::class,
            self::Hold => HoldStage::class,
            self::Settle => SettleStage::class,
            self::Check => CheckStage::class,
            self::VerificationPass => VerificationStage::class,
            self::PrevailingTorque => PrevailingTorqueStage::class,
            self::ResidualTorque => ResidualTorqueStage::class,
        };
    }

    public function declaration(): StageDeclaration
    {
        /** @var array<string, StageDeclaration> $declared asked for at every step of long plans */
        static $declared = [];

        return $declared[$this->value] ??= $this->own()::declaration();
    }

    /**
     * What a stage of this kind says that no other does.
     *
     * @param  list<string>  $before  keys of the stages before it
     * @param  list<string>  $checks  keys of the checks
     */
    public function read(ObjectReader $f, array $before, array $checks): StageOwn
    {
        return $this->own()::read($f, $before, $checks);
    }

    /** The controlled quantity: the one that tells the operator to stop. Null where none is measured. */
    public function controls(): ?Kind
    {
        $aims = $this->declaration()->aims;

        // A seat has no torque of its own, only a limit where one is stated.
        return $aims->targets === Targets::LimitsIfStated ? null : $aims->kind;
    }

    /** Does the stage aim at a target? The others only have limits, or nothing to reach. */
    public function hasTarget(): bool
    {
        return $this->declaration()->aims->targets->haveTarget();
    }

    /** Is it done at every position of its groups? */
    public function isPerPosition(): bool
    {
        return $this->declaration()->aims->targets !== Targets::None;
    }

    /** Does it leave the fastener tighter, so that a loose one has to begin with it again? */
    public function tightens(): bool
    {
        return $this->declaration()->handling->tightens;
    }

    /** Does it put load on the fastener? Seating it by hand does not. */
    public function turnsBolt(): bool
    {
        return $this->tightens() && $this->controls() !== null;
    }

    /** Does it bring a fastener to a torque from which an angle can be counted? */
    public function reachesTorque(): bool
    {
        return $this->tightens() && $this->declaration()->aims->kind === Kind::Torque;
    }

    public function words(): string
    {
        return $this->declaration()->words;
    }
}
