<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;

/**
 * What sits between wrench and fastener. One that lengthens the lever changes the setting; the formula holds only with the
 * hand at the marked grip. An in-line extension does not, but its wind-up adds false angle. Lengths in one unit.
 */
final readonly class Adapter
{
    /**
     * @param  float  $lever  from the wrench's square to the fastener
     * @param  float  $degrees  between the adapter and the wrench: 0 straight on, 90 across, 180 back
     */
    private function __construct(private float $lever, private float $degrees)
    {
    }

    public static function inLine(): self
    {
        return new self(0.0, 90.0);
    }

    /** @throws ToolException unless the lever is above zero and the angle lies in 0…180 */
    public static function crowFoot(float $lever, float $degrees): self
    {
        if (! ($lever > 0 && is_finite($lever) && $degrees >= 0 && $degrees <= 180)) {
            throw new ToolException(sprintf('A lever above zero and an angle from 0 to 180° are wanted, not %g at %g°.', $lever, $degrees), 'adapter', sprintf('%g at %g°', $lever, $degrees), 'a lever above 0, an angle from 0 to 180°');
        }

        return new self($lever, $degrees);
    }

    /**
     * The setting for a torque at the fastener: T L/(L + E cos θ) (e.g. FAA AC 43.13-1B, fig. 7-2).
     *
     * @param  float  $length  of the wrench, from its square to the marked grip
     *
     * @throws ToolException when torque or length is not above 0, or the adapter reaches back to the hand
     */
    public function setting(float $torque, float $length): float
    {
        (new Bounds(ToolException::class))->above0('the torque', $torque);

        return $torque / $this->gain($length);
    }

    /**
     * The torque at the fastener when the wrench is set to this.
     *
     * @throws ToolException as setting()
     */
    public function torque(float $setting, float $length): float
    {
        (new Bounds(ToolException::class))->above0('the setting', $setting);

        return $setting * $this->gain($length);
    }

    private function gain(float $length): float
    {
        (new Bounds(ToolException::class))->above0('the length of the wrench', $length);
        $gain = ($length + $this->lever * cos(deg2rad($this->degrees))) / $length;
        if ($gain <= 0) {
            throw new ToolException('The adapter must not reach back to the hand; a longer wrench is wanted.', 'adapter', '', 'a longer wrench');
        }

        return $gain;
    }
}
