<?php

declare(strict_types=1);

namespace Tekkal\Core\Joint;

use Tekkal\Core\Unit\Letters;

/** Friction of thread and head: nominal, and how low and how high it may be. */
final readonly class Friction
{
    /**
     * Total friction by surface condition, after the classes A to C of VDI 2230-1 Table A5 (from memory): lowest, usual,
     * highest. Indicative; offered by name and never taken silently.
     */
    public const CONDITIONS = [
        'molybdenum grease' => [0.04, 0.08, 0.10], 'assembly lubricant' => [0.06, 0.09, 0.12], 'anti-seize' => [0.08, 0.11, 0.14], 'wax' => [0.06, 0.09, 0.12],
        'engine oil' => [0.08, 0.12, 0.16], 'dry' => [0.14, 0.18, 0.24], 'locker' => [0.08, 0.14, 0.18], 'sealant' => [0.08, 0.13, 0.18],
    ];

    /**
     * @param  float  $thread  nominal coefficient, 0.02…0.5
     * @param  float  $head  nominal coefficient, 0.02…0.5
     *
     * @throws JointException when a coefficient is out of those bounds, or low, nominal and high are not in order
     */
    public function __construct(
        public float $thread,
        public float $head,
        public float $low,
        public float $high,
        public string $source,
    ) {
        foreach ([$thread, $head, $low, $high] as $mu) {
            if (! ($mu >= 0.02 && $mu <= 0.5)) {
                throw new JointException(sprintf('A friction coefficient from 0.02 to 0.5 is wanted, not %g.', $mu), 'friction', sprintf('%g', $mu), '0.02 to 0.5');
            }
        }
        if ($low > min($thread, $head) || $high < max($thread, $head)) {
            throw new JointException(sprintf('The nominal friction must lie from %g to %g.', $low, $high), 'friction', sprintf('%g and %g', $thread, $head), sprintf('%g to %g', $low, $high));
        }
    }

    /** @throws JointException when nothing is known of the condition */
    public static function ofCondition(string $condition): self
    {
        [$low, $usual, $high] = self::CONDITIONS[$condition]
            ?? throw new JointException(sprintf('Nothing is known of the friction of "%s": %s.', Letters::first($condition, 40), implode(', ', array_keys(self::CONDITIONS))), 'friction', $condition, implode(', ', array_keys(self::CONDITIONS)));

        return new self($usual, $usual, $low, $high, "$condition: after VDI 2230-1 Table A5, from memory, indicative");
    }

    public static function known(float $thread, ?float $head = null): self
    {
        return new self($thread, $head ?? $thread, min($thread, $head ?? $thread), max($thread, $head ?? $thread), 'as stated');
    }

    public function at(float $mu): self
    {
        return new self($mu, $mu, $mu, $mu, $this->source);
    }
}
