<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Length;

/**
 * A bolt as a row of springs: head, shank segments, free thread, engaged thread, and the nut or the tapped hole
 * (VDI 2230-1, 5.1). Lengths in mm, moduli in MPa.
 */
final readonly class BoltBody
{
    public const STEEL_MPA = 205_000.0;

    /**
     * @param  list<array{float, float}>  $shank  length and diameter of each segment
     * @param  float  $freeThread  length of thread that is loaded and not engaged
     * @param  bool  $socketHead  the head gives as 0.4 d of shank, a hexagon as 0.5 d
     * @param  string  $into  nut, tapped or none: whose share is counted beside the bolt's own
     * @param  float  $mateModulus  of the part with the tapped hole, or of the nut
     *
     * @throws JointException when a length is below 0, a diameter or modulus not above it, or the mate none of the three
     */
    public function __construct(
        private Thread $thread,
        private array $shank,
        private float $freeThread,
        private bool $socketHead = false,
        private string $into = 'nut',
        private float $modulus = self::STEEL_MPA,
        private float $mateModulus = self::STEEL_MPA,
    ) {
        $bounds = new Bounds(JointException::class);
        $bounds->from0('a length in mm', $freeThread, ...array_column($shank, 0));
        $bounds->above0('the diameter of a shank in mm', ...array_column($shank, 1));
        $bounds->above0('a modulus in MPa', $modulus, $mateModulus);
        if (! in_array($into, ['nut', 'tapped', 'none'], true)) {
            throw new JointException(sprintf('A bolt goes into a nut, a tapped hole or none, not into "%s".', $into), 'mate', $into, 'nut, tapped, none');
        }
    }

    /** Resilience in mm/N, with what the nut or the tapped hole gives. */
    public function resilience(): float
    {
        return $this->seen() + $this->mate();
    }

    /** What it is longer under a preload, all in. */
    public function stretch(Force $preload): Length
    {
        return Length::millimetres(sprintf('%.15F', $this->resilience() * $preload->newtons));
    }

    /** What a micrometer over both ends sees: the nut's or the hole's share moves nothing that it touches. */
    public function micrometerStretch(Force $preload): Length
    {
        return Length::millimetres(sprintf('%.15F', $this->seen() * $preload->newtons));
    }

    /** The preload behind a stretch that a micrometer saw, in mm. */
    public function preloadFromStretch(float $stretch): Force
    {
        return Force::newtons($stretch / $this->seen());
    }

    /** Stiffness in N/mm. */
    public function stiffness(): float
    {
        return 1 / $this->resilience();
    }

    /**
     * Hooke’s law for plain segments, ΔL = F Σ Lᵢ/(Aᵢ E).
     *
     * @param  list<array{float, float}>  $segments  length and area
     *
     * @throws JointException unless areas and modulus are above 0
     */
    public static function hooke(Force $load, array $segments, float $modulus): float
    {
        $bounds = new Bounds(JointException::class);
        $bounds->above0('an area or modulus', $modulus, ...array_column($segments, 1));
        $bounds->from0('a length', ...array_column($segments, 0));

        return $load->newtons * array_sum(array_map(fn (array $s): float => $s[0] / $s[1], $segments)) / $modulus;
    }

    private function seen(): float
    {
        $d = $this->thread->d;
        $sum = ($this->socketHead ? 0.4 : 0.5) * $d / $this->thread->shankArea();
        foreach ($this->shank as [$length, $diameter]) {
            $sum += $length / (M_PI / 4 * $diameter ** 2);
        }
        $sum += ($this->freeThread + 0.5 * $d) / $this->thread->rootArea();

        return $sum / $this->modulus;
    }

    private function mate(): float
    {
        return match ($this->into) {
            'nut' => 0.4 * $this->thread->d / $this->thread->shankArea() / $this->modulus,
            'tapped' => 0.33 * $this->thread->d / $this->thread->shankArea() / $this->mateModulus,
            default => 0.0,
        };
    }
}
