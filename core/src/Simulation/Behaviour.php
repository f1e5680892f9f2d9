<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

/** How a simulated joint answers to being turned. */
final readonly class Behaviour
{
    /**
     * @param  float  $rate  N of clamp per degree while elastic
     * @param  float  $yieldLoad  N
     * @param  float  $softDegrees  from contact until the parts lie flat
     * @param  float  $prevailing  N·m that a locking thread takes up
     * @param  float  $windUp  degrees per N·m that bars and extensions twist, seen by a gauge on the tool
     */
    public function __construct(
        public float $rate,
        public float $yieldLoad,
        public float $softDegrees = 15.0,
        public float $prevailing = 0.0,
        public float $windUp = 0.0,
    ) {
    }
}
