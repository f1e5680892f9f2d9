<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;

/** What is known of a fastener and its joint. What is null prevents the estimates that need it, and they say so. */
final readonly class JointData
{
    /** @throws JointException when a number is not above 0, or the hole is not smaller than the bearing face */
    public function __construct(
        public ?Thread $thread = null,
        public ?Strength $strength = null,
        public ?Friction $friction = null,
        public ?float $bearingDiameter = null,
        public ?float $holeDiameter = null,
        public ?BoltBody $body = null,
        public ?float $memberStiffness = null,
    ) {
        $bounds = new Bounds(JointException::class);
        $bounds->above0('a diameter in mm or a stiffness', $bearingDiameter, $holeDiameter, $memberStiffness);
        if ($bearingDiameter !== null && $holeDiameter !== null) {
            $bounds->inOrder('hole and bearing face', $holeDiameter, $bearingDiameter);
        }
    }

    public function tightening(): ?Tightening
    {
        return $this->thread === null || $this->bearingDiameter === null || $this->holeDiameter === null ? null
            : new Tightening($this->thread, Tightening::headDiameter($this->bearingDiameter, $this->holeDiameter));
    }

    /**
     * The torque at which tension and torsion together reach the yield, N·m: both grow with the torque alike, so that one
     * torque gives it (VDI 2230-1, von Mises); null where something is missing for it.
     */
    public function yieldTorque(): ?float
    {
        $tightening = $this->tightening();
        if ($tightening === null || $this->friction === null || $this->strength === null) {
            return null;
        }
        $share = $tightening->yieldShare($tightening->preload(1.0, $this->friction), $this->strength->yield->megapascals, $this->friction->thread);

        return $share > 0.0 ? 1.0 / $share : null;
    }

    public function proofLoad(): ?Force
    {
        return $this->thread === null ? null : $this->strength?->proofLoad($this->thread);
    }
}
