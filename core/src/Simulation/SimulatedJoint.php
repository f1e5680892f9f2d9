<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

use Tekkal\Core\Joint\Friction;
use Tekkal\Core\Joint\Thread;
use Tekkal\Core\Joint\Tightening;
use Tekkal\Core\Unit\Force;

/**
 * One fastener in its joint, made up by seed: friction as it happens to be, a soft start until the parts lie flat, an
 * elastic range, yield. It stands in for metal in demonstrations and tests; nothing it gives may pass for a measurement.
 */
final readonly class SimulatedJoint
{
    /** Slope past the yield load, as a share of the elastic one. */
    private const PLASTIC = 0.04;

    private float $friction;

    private Tightening $tightening;

    /**
     * @param  Friction  $usual  what friction is nominally; this one's lies between its low and its high
     * @param  float  $headDiameter  effective, mm
     */
    public function __construct(
        SeededNoise $noise,
        Thread $thread,
        Friction $usual,
        float $headDiameter,
        private Behaviour $behaviour,
    ) {
        $half = ($usual->high - $usual->low) / 2;
        $this->friction = max($usual->low, min($usual->high, ($usual->low + $usual->high) / 2 + $half * $noise->normal() / 2));
        $this->tightening = new Tightening($thread, $headDiameter);
    }

    /** Clamp after so many degrees from contact, N: rising ever faster until flat, then straight, then past yield. */
    public function clamp(float $degrees): float
    {
        $soft = $this->behaviour->softDegrees;
        $elastic = match (true) {
            $degrees <= 0 => 0.0,
            $degrees < $soft => $this->behaviour->rate * $degrees ** 2 / (2 * $soft),
            default => $this->behaviour->rate * ($degrees - $soft / 2),
        };

        return $elastic <= $this->behaviour->yieldLoad ? $elastic : $this->behaviour->yieldLoad + self::PLASTIC * ($elastic - $this->behaviour->yieldLoad);
    }

    /** Torque that turns it there, N·m. */
    public function torque(float $degrees): float
    {
        return $this->behaviour->prevailing + $this->tightening->torque(Force::newtons($this->clamp($degrees)), Friction::known($this->friction));
    }

    /** Torque that starts it again after it has stood still: static friction exceeds dynamic. */
    public function breakaway(float $degrees, float $excess = 0.15): float
    {
        return $this->behaviour->prevailing + $this->tightening->torque(Force::newtons($this->clamp($degrees)), Friction::known(min(0.5, $this->friction * (1 + $excess))));
    }

    /** Degrees that a gauge on the tool shows, wind-up included. */
    public function shownDegrees(float $degrees): float
    {
        return $degrees + $this->behaviour->windUp * $this->torque($degrees);
    }

    /** Degrees from contact at which a torque is reached; halved until told to a ten-thousandth. */
    public function degreesAt(float $torque): float
    {
        [$low, $high] = [0.0, 720.0];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            $this->torque($middle) < $torque ? $low = $middle : $high = $middle;
        }

        return $high;
    }

    /**
     * The curve of a pull: degrees shown and torque.
     *
     * @return list<array{float, float}>
     */
    public function curve(float $toDegrees, int $points): array
    {
        $curve = [];
        for ($i = 0; $i < $points; $i++) {
            $at = $toDegrees * $i / max(1, $points - 1);
            $curve[] = [$this->shownDegrees($at), $this->torque($at)];
        }

        return $curve;
    }
}
