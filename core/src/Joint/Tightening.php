<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;

/** Torque and preload of one thread under one head. Torques in N·m, diameters in mm. */
final readonly class Tightening
{
    /** 1/cos 30°, as VDI 2230-1 prints it. */
    private const FLANK = 1.155;

    /**
     * @param  float  $headDiameter  effective diameter of head friction DKm = (dw + dh)/2, mm, above 0
     *
     * @throws JointException unless it is above 0
     */
    public function __construct(private Thread $thread, private float $headDiameter)
    {
        self::bounds()->above0('the diameter of head friction in mm', $headDiameter);
    }

    /**
     * Mean of the bearing face's outer and the hole's diameter (VDI 2230-1), mm.
     *
     * @throws JointException unless the hole is smaller than the bearing face, and above 0
     */
    public static function headDiameter(float $bearing, float $hole): float
    {
        self::bounds()->above0('a diameter in mm', $bearing, $hole);
        self::bounds()->inOrder('hole and bearing face', $hole, $bearing);

        return ($bearing + $hole) / 2;
    }

    /**
     * Torque of the thread alone, N·m: F d2/2 tan(φ + ρ′), tan ρ′ = 1.155 µ – the exact form of VDI 2230-1, not the
     * usual sum, which is up to 0.8 % higher.
     */
    public function threadTorque(Force $preload, float $mu): float
    {
        return $preload->newtons * $this->thread->d2() / 2 * $this->threadTangent($mu) / 1000;
    }

    /** Torque in all, N·m: thread and head, MA = F [d2/2 tan(φ + ρ′) + µK DKm/2] (VDI 2230-1). */
    public function torque(Force $preload, Friction $friction): float
    {
        return $this->threadTorque($preload, $friction->thread) + $preload->newtons * $friction->head * $this->headDiameter / 2 / 1000;
    }

    /**
     * The preload that a torque in N·m gives.
     *
     * @throws JointException unless the torque is above 0
     */
    public function preload(float $torque, Friction $friction): Force
    {
        self::bounds()->above0('the torque in N·m', $torque);

        return Force::newtons($torque / $this->torque(Force::newtons(1.0), $friction));
    }

    /** Nut factor K = T/(d F) that stands for this friction. */
    public function nutFactor(Friction $friction): float
    {
        return $this->torque(Force::newtons(1.0), $friction) * 1000 / $this->thread->d;
    }

    /**
     * What the torque goes into, as shares of one: pitch, thread friction, head friction; by the sum that VDI 2230-1
     * prints, F [0.16 P + 0.58 d2 µG + DKm/2 µK].
     *
     * @return array{float, float, float}
     */
    public function shares(Friction $friction): array
    {
        $parts = $this->parts($friction);

        return [$parts[0] / array_sum($parts), $parts[1] / array_sum($parts), $parts[2] / array_sum($parts)];
    }

    /** Nut factor by that sum. */
    public function summedNutFactor(Friction $friction): float
    {
        return array_sum($this->parts($friction)) / $this->thread->d;
    }

    /**
     * Preload at which von Mises' stress, torsion included, is this share of the yield (VDI 2230-1):
     * F = ν Rp A0/√(1 + 3 [3/2 d2/d0 tan(φ + ρ′)]²), d0 the stress diameter, the section taken as fully plastic in torsion.
     *
     * @throws JointException unless the yield in MPa is above 0
     */
    public function preloadAtYield(float $yield, float $mu, float $share = 1.0, bool $exact = true): Force
    {
        self::bounds()->above0('the yield in MPa', $yield);

        return Force::newtons($share * $yield * $this->thread->stressArea() / $this->torsionFactor($mu, $exact));
    }

    /**
     * Share of the yield that a preload with its torsion takes up.
     *
     * @throws JointException unless the yield in MPa is above 0
     */
    public function yieldShare(Force $preload, float $yield, float $mu, bool $exact = true): float
    {
        self::bounds()->above0('the yield in MPa', $yield);

        return $preload->newtons * $this->torsionFactor($mu, $exact) / ($yield * $this->thread->stressArea());
    }

    /** T = K d F, in N·m; d in mm. */
    public static function byNutFactor(float $k, float $d, Force $preload): float
    {
        return $k * $d * $preload->newtons / 1000;
    }

    /**
     * F = T/(K d); T in N·m, d in mm.
     *
     * @throws JointException unless all are above 0
     */
    public static function preloadByNutFactor(float $k, float $d, float $torque): Force
    {
        self::bounds()->above0('a nut factor, diameter or torque', $k, $d, $torque);

        return Force::newtons($torque * 1000 / ($k * $d));
    }

    /**
     * Friction from a test (ISO 16047): total, of the thread and of the bearing. Torques in N·m.
     *
     * @return array{k: float, total: float, thread: float, bearing: float}
     *
     * @throws JointException unless torque and preload are above 0 and the thread's torque is no greater than the whole
     */
    public function measuredFriction(float $torque, float $threadTorque, Force $preload): array
    {
        self::bounds()->above0('a torque or preload', $torque, $threadTorque, $preload->newtons);
        self::bounds()->between('the torque of the thread in N·m', $threadTorque, 0.0, $torque);
        $lead = $this->thread->pitch / (2 * M_PI);
        [$t, $th] = [$torque * 1000 / $preload->newtons, $threadTorque * 1000 / $preload->newtons];

        return [
            'k' => $t / $this->thread->d,
            'total' => ($t - $lead) / (0.577 * $this->thread->d2() + 0.5 * $this->headDiameter),
            'thread' => ($th - $lead) / (0.577 * $this->thread->d2()),
            'bearing' => ($t - $th) / (0.5 * $this->headDiameter),
        ];
    }

    private static function bounds(): Bounds
    {
        return new Bounds(JointException::class);
    }

    /** @return array{float, float, float} mm */
    private function parts(Friction $friction): array
    {
        return [0.16 * $this->thread->pitch, 0.58 * $this->thread->d2() * $friction->thread, $this->headDiameter / 2 * $friction->head];
    }

    private function threadTangent(float $mu, bool $exact = true): float
    {
        $lead = $this->thread->leadTangent();
        $rho = self::FLANK * $mu;

        return $exact ? ($lead + $rho) / (1 - $lead * $rho) : $lead + $rho;
    }

    private function torsionFactor(float $mu, bool $exact): float
    {
        return sqrt(1 + 3 * (1.5 * $this->thread->d2() / $this->thread->stressDiameter() * $this->threadTangent($mu, $exact)) ** 2);
    }
}
