<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Joint\Estimate;
use Tekkal\Core\Joint\JointData;

/**
 * What another torque, or another angle after it, does to the clamp load of a joint: the estimate is linear in both as long
 * as the joint is elastic, so the shifts of two tools that were both wrong add up. An estimate; it replaces no measurement.
 */
final readonly class ClampShift
{
    /** kN for each N·m */
    public ?float $perTorque;

    /** kN for each degree */
    public ?float $perDegree;

    private float $turned;

    /**
     * @param  float  $torque  at which the angle begins, or that is final, N·m, above 0
     * @param  float  $degrees  turned after it; 0: none
     */
    public function __construct(JointData $joint, float $torque, float $degrees = 0.0)
    {
        $clamp = (new Estimate($joint, $torque))->nominal?->kilonewtons();
        $this->perTorque = $clamp === null ? null : $clamp / $torque;
        $both = $degrees > 0.0 ? new Estimate($joint, $torque, $degrees) : null;
        // Past the proof load nothing elastic holds.
        $turned = $both === null || $both->pastProof ? null : $both->nominal?->kilonewtons();
        $this->perDegree = $clamp === null || $turned === null ? null : ($turned - $clamp) / $degrees;
        $this->turned = $degrees;
    }

    /** kN with such a torque, and what was turned after it; null where there is no estimate. */
    public function clamp(float $torque): ?float
    {
        if ($this->perTorque === null || ($this->turned > 0.0 && $this->perDegree === null)) {
            return null;
        }

        return $this->perTorque * $torque + ($this->perDegree ?? 0.0) * $this->turned;
    }

    /** kN that are gained, or lost where below 0, when torque and angle are off by so much. */
    public function shift(float $torque, float $degrees = 0.0): ?float
    {
        $turn = $degrees === 0.0 ? 0.0 : ($this->perDegree === null ? null : $this->perDegree * $degrees);

        return $this->perTorque === null || $turn === null ? null : $this->perTorque * $torque + $turn;
    }
}
