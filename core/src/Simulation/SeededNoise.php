<?php

declare(strict_types=1);

namespace Tekkal\Core\Simulation;

use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Normally distributed noise that is the same for the same seed: Box and Muller (1958), basic form. */
final class SeededNoise
{
    private Randomizer $uniform;

    public function __construct(string $seed)
    {
        $this->uniform = new Randomizer(new Xoshiro256StarStar(hash('sha256', $seed, true)));
    }

    /** A draw from N(0, 1). */
    public function normal(): float
    {
        return sqrt(-2 * log(1 - $this->unit())) * cos(2 * M_PI * $this->unit());
    }

    /** A draw from [0, 1) with 53 random bits. */
    public function unit(): float
    {
        return $this->uniform->getInt(0, (1 << 53) - 1) / (1 << 53);
    }
}
