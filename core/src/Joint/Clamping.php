<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Unit\Force;

/** Bolt and members as two springs in a row: what an angle gives while both are elastic. Stiffness in N/mm, angles in degrees. */
final readonly class Clamping
{
    public function __construct(
        private float $pitch,
        private float $boltStiffness,
        private float $memberStiffness,
    ) {
    }

    /** F = θ/360 P kb kc/(kb + kc). Elastic; past the proof load it says nothing. */
    public function preload(float $degrees): Force
    {
        return Force::newtons($degrees / 360 * $this->pitch * $this->inRow());
    }

    /** Degrees for a preload from no clamp at all. */
    public function angle(Force $preload): float
    {
        return $preload->newtons / $this->inRow() / $this->pitch * 360;
    }

    /** The bolt's own part of the advance, in mm; the members take the rest. */
    public function boltStretch(float $degrees): float
    {
        return $this->preload($degrees)->newtons / $this->boltStiffness;
    }

    /**
     * When the count begins at another torque than it should, the angle that is missing or too much, and the clamp: torque
     * rising by $rate N·m per degree.
     *
     * @return array{float, Force} degrees and force
     */
    public function thresholdShift(float $from, float $to, float $rate): array
    {
        $degrees = ($to - $from) / $rate;

        return [$degrees, $this->preload($degrees)];
    }

    /**
     * Stiffness of members of one material between washer faces of 1.5 d, frustum of 30° (Shigley's Mechanical Engineering
     * Design, eq. 8-22): k = 0.5774 π E d/(2 ln[5 (0.5774 l + 0.5 d)/(0.5774 l + 2.5 d)]). Any consistent units.
     */
    public static function memberStiffness(float $modulus, float $d, float $grip): float
    {
        return 0.5774 * M_PI * $modulus * $d / (2 * log(5 * (0.5774 * $grip + 0.5 * $d) / (0.5774 * $grip + 2.5 * $d)));
    }

    /**
     * The least movement in degrees that explains a difference in stretch: all of the advance into the bolt. The members
     * take their share too, so it was at least this.
     */
    public static function leastMovement(float $difference, float $pitch): float
    {
        return 360 * $difference / $pitch;
    }

    private function inRow(): float
    {
        return $this->boltStiffness * $this->memberStiffness / ($this->boltStiffness + $this->memberStiffness);
    }
}
