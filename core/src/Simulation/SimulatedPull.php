<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

/** A hand with a wrench on a simulated joint: it overshoots a little, shows steps, and may be out of true. */
final readonly class SimulatedPull
{
    /**
     * @param  float  $overshoot  N·m past the setting, on average
     * @param  float  $resolution  of the display, N·m
     * @param  float  $deviation  of the tool, % of the true value: positive shows too much
     */
    public function __construct(
        private SeededNoise $noise,
        private float $overshoot = 0.3,
        private float $resolution = 0.1,
        private float $deviation = 0.0,
    ) {
    }

    /**
     * Pulled until the tool shows a torque.
     *
     * @return array{shown: float, true: float, degrees: float, clamp: float} N·m, N·m, degrees, N
     */
    public function toTorque(SimulatedJoint $joint, float $setting): array
    {
        $true = $setting / (1 + $this->deviation / 100) + abs($this->overshoot * (1 + $this->noise->normal() / 3));
        $degrees = $joint->degreesAt($true);

        return ['shown' => $this->shown($true), 'true' => $true, 'degrees' => $degrees, 'clamp' => $joint->clamp($degrees)];
    }

    private function shown(float $true): float
    {
        return round($true * (1 + $this->deviation / 100) / $this->resolution) * $this->resolution;
    }
}
