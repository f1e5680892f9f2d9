<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Bounds;
use Tekkal\Core\Unit\Force;
use Tekkal\Core\Unit\Letters;
use Tekkal\Core\Unit\Stress;

/** What a fastener's material bears: tensile strength, yield, proof stress. */
final readonly class Strength
{
    /** ISO 898-1:2013 Table 3 (from memory): Rm,min, Rp0.2 or ReL,min, Sp,nom in MPa; above 16 mm where it differs. */
    private const ISO = [
        '4.6' => [[400, 240, 225]], '4.8' => [[420, 340, 310]], '5.6' => [[500, 300, 280]], '5.8' => [[520, 420, 380]], '6.8' => [[600, 480, 440]],
        '8.8' => [[800, 640, 580], [830, 660, 600]], '9.8' => [[900, 720, 650]], '10.9' => [[1040, 940, 830]], '12.9' => [[1220, 1100, 970]],
    ];

    /** SAE J429 Table 1 (from memory): tensile, yield, proof in ksi; the largest diameter in inches. */
    private const SAE = [
        '2' => [[74, 57, 55, 0.75], [60, 36, 33, 1.5]], '5' => [[120, 92, 85, 1.0], [105, 81, 74, 1.5]], '8' => [[150, 130, 120, 1.5]],
    ];

    /** Proof loads that ISO 898-1:2013 Tables 5 and 7 print, in N (from memory); the plain product differs where the table rounds oddly. */
    private const PRINTED = [
        'M5 8.8' => 8230, 'M5 12.9' => 13_800, 'M6 10.9' => 16_700, 'M6 12.9' => 19_500, 'M8 8.8' => 21_200, 'M8 10.9' => 30_400, 'M10 8.8' => 33_700,
        'M10 12.9' => 56_300, 'M12 10.9' => 70_000, 'M12 12.9' => 81_800, 'M14 10.9' => 95_500, 'M16 8.8' => 91_000, 'M16 12.9' => 152_000,
        'M18 8.8' => 115_000, 'M18 10.9' => 159_000, 'M18 12.9' => 186_000, 'M20 10.9' => 203_000, 'M20 12.9' => 238_000, 'M22 8.8' => 182_000,
        'M22 12.9' => 294_000, 'M24 10.9' => 293_000, 'M24 12.9' => 342_000, 'M8x1 8.8' => 22_700, 'M8x1 12.9' => 38_000,
        'M10x1.25 8.8' => 35_500, 'M10x1.25 10.9' => 50_800,
    ];

    private function __construct(
        public string $name,
        public ?Stress $tensile,
        public Stress $yield,
        public Stress $proof,
        public string $source,
    ) {
    }

    /**
     * A property class ("10.9") or a grade ("SAE 8", "grade 5"), for a thread.
     *
     * @throws JointException when there is none, or not for so large a diameter
     */
    public static function named(string $name, Thread $thread): self
    {
        $bare = trim($name);
        $iso = self::ISO[$bare] ?? null;
        if ($iso !== null) {
            [$rm, $rp, $sp] = $thread->d > 16 ? $iso[1] ?? $iso[0] : $iso[0];

            return new self($bare, Stress::megapascals($rm), Stress::megapascals($rp), Stress::megapascals($sp), 'ISO 898-1:2013 Table 3, from memory');
        }
        // A bare "8" is as often half an 8.8 as a grade: it is asked for by its name.
        $grade = preg_match('/^(?:SAE(?: *J429)?|grade)(?: +grade)? *([258])$/iD', $bare, $m) === 1 ? $m[1] : '';
        foreach (self::SAE[$grade] ?? [] as [$tensile, $yield, $proof, $largest]) {
            if ($thread->d <= $largest * 25.4 + 1e-9) {
                return new self("SAE $grade", Stress::ksi($tensile), Stress::ksi($yield), Stress::ksi($proof), 'SAE J429 Table 1, from memory');
            }
        }

        throw new JointException(sprintf('"%s" is no class or grade known here: %s, or SAE 2, 5, 8.', Letters::first($name, 40), implode(', ', array_keys(self::ISO))), 'class', $name, implode(', ', array_keys(self::ISO)).', or SAE 2, 5, 8');
    }

    /**
     * A material with stated yield and, where it is stated, proof stress; else the yield stands for it.
     *
     * @throws JointException unless both are above 0
     */
    public static function stated(string $name, Stress $yield, ?Stress $proof = null): self
    {
        (new Bounds(JointException::class))->above0('a yield or proof stress in MPa', $yield->megapascals, $proof?->megapascals);

        return new self($name, null, $yield, $proof ?? $yield, 'as stated');
    }

    /** Load at the proof stress, computed: Sp × As. */
    public function proofLoad(Thread $thread): Force
    {
        return $thread->load($this->proof->megapascals);
    }

    /** The proof load that the standard prints; null where it is not known what it prints. */
    public function printedProofLoad(Thread $thread): ?Force
    {
        $printed = self::PRINTED[$thread->name.' '.$this->name] ?? null;

        return $printed === null ? null : Force::newtons((float) $printed);
    }
}
