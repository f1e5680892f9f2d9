<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;

/** Types and classes of hand torque tools after ISO 6789-1:2017 (from memory). */
enum WrenchClass: string
{
    case IA = 'I_A';
    case IB = 'I_B';
    case IC = 'I_C';
    case ID = 'I_D';
    case IE = 'I_E';
    case IIA = 'II_A';
    case IIB = 'II_B';
    case IIC = 'II_C';
    case IID = 'II_D';
    case IIE = 'II_E';
    case IIF = 'II_F';
    case IIG = 'II_G';

    /** Up to this maximum, every class has ±6 %. */
    private const SMALL_NM = 10.0;

    /**
     * Maximum permissible relative deviation, % of the reading, for a tool of this largest torque in N·m.
     *
     * @throws ToolException unless the torque is above 0
     */
    public function permissibleDeviation(float $largest): float
    {
        (new Bounds(ToolException::class))->above0('the largest torque', $largest);

        return match (true) {
            $largest <= self::SMALL_NM => 6.0,
            in_array($this, [self::IB, self::IC, self::IE, self::IIA, self::IIB, self::IIC], true) => 4.0,
            default => 6.0,
        };
    }

    /** Does it show the torque all the time (type I, indicating), or only say that a setting was reached (type II, setting)? */
    public function indicates(): bool
    {
        return in_array($this, [self::IA, self::IB, self::IC, self::ID, self::IE], true);
    }

    public function words(): string
    {
        return match ($this) {
            self::IA => 'wrench, torsion or flexion bar',
            self::IB => 'wrench, rigid housing, with scale, dial or display',
            self::IC => 'wrench, rigid housing and electronic measurement',
            self::ID => 'screwdriver, with scale, dial or display',
            self::IE => 'screwdriver, with electronic measurement',
            self::IIA => 'wrench, adjustable, graduated or with display',
            self::IIB => 'wrench, fixed adjustment',
            self::IIC => 'wrench, adjustable, non-graduated',
            self::IID => 'screwdriver, adjustable, graduated or with display',
            self::IIE => 'screwdriver, fixed adjustment',
            self::IIF => 'screwdriver, adjustable, non-graduated',
            self::IIG => 'wrench, flexion bar, adjustable, graduated',
        };
    }
}
