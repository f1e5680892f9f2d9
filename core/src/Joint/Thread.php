<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Letters;

/**
 * A 60° screw thread by nominal diameter and pitch, both in mm: ISO metric (ISO 724) and unified inch (ASME B1.1). Sizes
 * that the series do not have are refused, so that a slip does not become a thread.
 */
final readonly class Thread
{
    /** ISO 261 (from memory): M3 to M64, M7, M9 and M11 among them; the first pitch is the coarse one. */
    private const METRIC = [
        '3' => [0.5, 0.35], '3.5' => [0.6, 0.35], '4' => [0.7, 0.5], '4.5' => [0.75, 0.5],
        '5' => [0.8, 0.5], '6' => [1.0, 0.75], '7' => [1.0, 0.75], '8' => [1.25, 1.0, 0.75], '9' => [1.25, 1.0, 0.75], '10' => [1.5, 1.25, 1.0, 0.75],
        '11' => [1.5, 1.0, 0.75], '12' => [1.75, 1.5, 1.25, 1.0], '14' => [2.0, 1.5, 1.25, 1.0], '16' => [2.0, 1.5, 1.0], '18' => [2.5, 2.0, 1.5, 1.0],
        '20' => [2.5, 2.0, 1.5, 1.0], '22' => [2.5, 2.0, 1.5, 1.0], '24' => [3.0, 2.0, 1.5, 1.0], '27' => [3.0, 2.0, 1.5, 1.0],
        '30' => [3.5, 3.0, 2.0, 1.5, 1.0], '33' => [3.5, 3.0, 2.0, 1.5], '36' => [4.0, 3.0, 2.0, 1.5], '39' => [4.0, 3.0, 2.0, 1.5],
        '42' => [4.5, 4.0, 3.0, 2.0, 1.5], '45' => [4.5, 4.0, 3.0, 2.0, 1.5], '48' => [5.0, 4.0, 3.0, 2.0, 1.5], '52' => [5.0, 4.0, 3.0, 2.0, 1.5],
        '56' => [5.5, 4.0, 3.0, 2.0, 1.5], '60' => [5.5, 4.0, 3.0, 2.0, 1.5], '64' => [6.0, 4.0, 3.0, 2.0, 1.5],
    ];

    /** Threads per inch, coarse (UNC) and fine (UNF), ASME B1.1; numbered sizes have a diameter of 0.060 + 0.013 n in. */
    private const INCH = [
        '#4' => [40, 48], '#5' => [40, 44], '#6' => [32, 40], '#8' => [32, 36], '#10' => [24, 32], '#12' => [24, 28],
        '1/4' => [20, 28], '5/16' => [18, 24], '3/8' => [16, 24], '7/16' => [14, 20], '1/2' => [13, 20], '9/16' => [12, 18],
        '5/8' => [11, 18], '3/4' => [10, 16], '7/8' => [9, 14], '1' => [8, 12],
    ];

    private const INCH_MM = 25.4;

    /**
     * @param  float  $d  nominal diameter, mm
     * @param  float  $pitch  mm
     */
    private function __construct(
        public string $name,
        public float $d,
        public float $pitch,
        private bool $inch,
    ) {
    }

    /**
     * Known however it is written: M10, m10, M10x1.25, M10-1.25, M10 × 1,25, M10x1.5-6g; 3/8-16, 3/8"-24 UNF, 3/8-16 UNC-2A,
     * #10-32. Its own name is the plainest of them.
     *
     * @throws JointException when the series have no such thread
     */
    public static function named(string $name): self
    {
        $bare = trim(preg_replace(['/\s+/', '/(?<=\d),(?=\d)/'], [' ', '.'], str_replace(['×', 'X', '″', '”', "''"], ['x', 'x', '"', '"', '"'], $name)) ?? '');
        if (preg_match('/^M ?(\d{1,2}(?:\.5)?)(?: ?[x-] ?(\d(?:\.\d{1,2})?))?(?: ?- ?\d[A-Ha-h]{1,2}(?:\d[A-Ha-h])?)?$/iD', $bare, $m) === 1) {
            return self::metric($m[1], ($m[2] ?? '') === '' ? null : (float) $m[2]);
        }
        if (preg_match('/^(1|\d{1,2}\/\d{1,2}|# ?\d{1,2})(?: ?"| in)?[ -]{1,3}(\d{1,2})(?:[ -]?(UNC|UNF|UN))?(?: ?- ?[123][AB])?$/iD', $bare, $m) === 1) {
            return self::unified(str_replace(' ', '', $m[1]), (int) $m[2], strtoupper($m[3] ?? ''));
        }
        throw new JointException(sprintf('"%s" is no thread known here; write it as M10, M10x1.25 or 3/8-16.', Letters::first($name, 40)), 'thread', $name, 'M10, M10x1.25 or 3/8-16');
    }

    /**
     * Of any diameter and pitch in mm, where a check value wants it.
     *
     * @throws JointException unless both are above 0 and the pitch leaves a core
     */
    public static function of(float $d, float $pitch): self
    {
        $bounds = new Bounds(JointException::class);
        $bounds->above0('a diameter or pitch in mm', $d, $pitch);
        $bounds->inOrder('pitch and diameter', 1.3 * $pitch, $d);

        return new self(sprintf('%gx%g', $d, $pitch), $d, $pitch, false);
    }

    /** Height of the fundamental triangle, H = (√3/2) P (ISO 68-1). */
    public function height(): float
    {
        return sqrt(3) / 2 * $this->pitch;
    }

    /** Pitch diameter d2 = d − (3/4) H (ISO 724), mm. */
    public function d2(): float
    {
        return $this->d - 0.75 * $this->height();
    }

    /** Minor diameter d1 = d − (5/4) H (ISO 724), mm. */
    public function d1(): float
    {
        return $this->d - 1.25 * $this->height();
    }

    /** Root diameter d3 = d1 − H/6 (ISO 898-1), mm. */
    public function d3(): float
    {
        return $this->d1() - $this->height() / 6;
    }

    /** Diameter of the stress area, (d2 + d3)/2, mm; of inch threads d − 0.9743 P. */
    public function stressDiameter(): float
    {
        return $this->inch ? $this->d - 0.9743 * $this->pitch : ($this->d2() + $this->d3()) / 2;
    }

    /** Stress area, mm²: π/4 ((d2 + d3)/2)² (ISO 898-1); of inch threads 0.7854 (D − 0.9743/n)² (ASME B1.1). */
    public function stressArea(): float
    {
        return M_PI / 4 * $this->stressDiameter() ** 2;
    }

    /** Area of the root, π/4 d3², mm². */
    public function rootArea(): float
    {
        return M_PI / 4 * $this->d3() ** 2;
    }

    /** Area of the shank, π/4 d², mm². */
    public function shankArea(): float
    {
        return M_PI / 4 * $this->d ** 2;
    }

    /** tan of the lead angle, P/(π d2). */
    public function leadTangent(): float
    {
        return $this->pitch / (M_PI * $this->d2());
    }

    /** Load at which the stress area bears a stress. */
    public function load(float $megapascals): Force
    {
        return Force::newtons($megapascals * $this->stressArea());
    }

    private static function metric(string $d, ?float $pitch): self
    {
        $pitches = self::METRIC[$d] ?? throw new JointException(sprintf('M%s is not among the sizes known here, M3 to M64.', $d), 'thread', 'M'.$d, 'M3 to M64');
        $pitch ??= $pitches[0];
        if (! in_array($pitch, $pitches, true)) {
            throw new JointException(sprintf('M%s has pitches of %s mm, not %g.', $d, implode(', ', $pitches), $pitch), 'pitch', sprintf('%g mm', $pitch), implode(', ', $pitches).' mm');
        }

        return new self("M$d".($pitch === $pitches[0] ? '' : sprintf('x%g', $pitch)), (float) $d, $pitch, false);
    }

    private static function unified(string $size, int $perInch, string $series): self
    {
        $counts = self::INCH[$size] ?? throw new JointException(sprintf('%s in is not among the sizes known here, #4 to #12 and 1/4 to 1.', $size), 'thread', $size.' in', '#4 to #12, 1/4 to 1 in');
        $wanted = match ($series) {
            'UNC' => [$counts[0]],
            'UNF' => [$counts[1]],
            default => $counts,
        };
        if (! in_array($perInch, $wanted, true)) {
            throw new JointException(sprintf('%s in%s has %s threads per inch, not %d.', $size, $series === '' ? '' : " $series", implode(' or ', $wanted), $perInch), 'threads per inch', (string) $perInch, implode(' or ', $wanted));
        }
        [$over, $under] = [...explode('/', $size), '1'];
        $inches = $size[0] === '#' ? 0.060 + 0.013 * (int) substr($size, 1) : (float) $over / (float) $under;

        return new self("$size-$perInch", $inches * self::INCH_MM, self::INCH_MM / $perInch, true);
    }
}
