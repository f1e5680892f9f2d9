<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;

/** Bolt and members as two springs in a row: what an angle gives while both are elastic. Stiffness in N/mm, angles in degrees. */
final readonly class Clamping
{
    /** @throws JointException unless pitch and both stiffnesses are above 0 */
    public function __construct(
        private float $pitch,
        private float $boltStiffness,
        private float $memberStiffness,
    ) {
        self::bounds()->above0('a pitch or stiffness', $pitch, $boltStiffness, $memberStiffness);
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
     *
     * @throws JointException unless the torque rises with the angle
     */
    public function thresholdShift(float $from, float $to, float $rate): array
    {
        self::bounds()->above0('the rise of the torque in N·m per degree', $rate);
        $degrees = ($to - $from) / $rate;

        return [$degrees, $this->preload($degrees)];
    }

    /**
     * Stiffness of members of one material between washer faces of 1.5 d, frustum of 30° (Shigley's Mechanical Engineering
     * Design, eq. 8-22): k = 0.5774 π E d/(2 ln[5 (0.5774 l + 0.5 d)/(0.5774 l + 2.5 d)]). Any consistent units.
     *
     * @throws JointException unless all three are above 0
     */
    public static function memberStiffness(float $modulus, float $d, float $grip): float
    {
        self::bounds()->above0('a modulus, diameter or grip', $modulus, $d, $grip);

        return 0.5774 * M_PI * $modulus * $d / (2 * log(5 * (0.5774 * $grip + 0.5 * $d) / (0.5774 * $grip + 2.5 * $d)));
    }

    /**
     * The least movement in degrees that explains a difference in stretch: all of the advance into the bolt. The members
     * take their share too, so it was at least this.
     *
     * @throws JointException unless the pitch is above 0
     */
    public static function leastMovement(float $difference, float $pitch): float
    {
        self::bounds()->above0('the pitch', $pitch);

        return 360 * $difference / $pitch;
    }

    private static function bounds(): Bounds
    {
        return new Bounds(JointException::class);
    }

    private function inRow(): float
    {
        return $this->boltStiffness * $this->memberStiffness / ($this->boltStiffness + $this->memberStiffness);
    }
}
