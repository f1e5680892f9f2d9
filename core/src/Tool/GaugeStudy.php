<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Summary;

/**
 * Repeatability and reproducibility of a gauge: some parts, each measured by each appraiser as many times. Both usual
 * methods; standard deviations in the unit of the readings (AIAG, Measurement Systems Analysis, from memory).
 */
final readonly class GaugeStudy
{
    /** 1/d₂* by number of trials and of appraisers (one range each), as printed. */
    private const K1 = [2 => 0.8862, 3 => 0.5908];

    private const K2 = [2 => 0.7071, 3 => 0.5231];

    /** By number of parts. */
    private const K3 = [2 => 0.7071, 3 => 0.5231, 4 => 0.4467, 5 => 0.4030, 6 => 0.3742, 7 => 0.3534, 8 => 0.3375, 9 => 0.3249, 10 => 0.3146];

    /** An interaction that is this likely to be none is counted as repeatability (common practice, no source). */
    private const POOLED_ABOVE = 0.25;

    private int $parts;

    private int $appraisers;

    private int $trials;

    /**
     * @param  list<list<list<float>>>  $readings  by appraiser, trial and part
     *
     * @throws ToolException unless there are 2 or 3 appraisers, 2 or 3 trials and 2 to 10 parts, the same for all
     */
    public function __construct(private array $readings)
    {
        $this->appraisers = count($readings);
        $this->trials = count($readings[0] ?? []);
        $this->parts = count($readings[0][0] ?? []);
        if (! isset(self::K2[$this->appraisers], self::K1[$this->trials], self::K3[$this->parts])) {
            throw new ToolException(sprintf('A study has 2 or 3 appraisers, 2 or 3 trials and 2 to 10 parts; these are %d, %d and %d.', $this->appraisers, $this->trials, $this->parts), 'readings', "$this->appraisers × $this->trials × $this->parts", '2–3 × 2–3 × 2–10');
        }
        foreach ($readings as $who => $trials) {
            foreach ($trials as $trial) {
                if (count($trials) !== $this->trials || count($trial) !== $this->parts || array_filter($trial, fn (float $v): bool => ! is_finite($v)) !== []) {
                    throw new ToolException(sprintf('Appraiser %d has not read every part in every trial.', $who + 1), 'readings', (string) ($who + 1), 'each part in each trial');
                }
            }
        }
    }

    /** By averages and ranges. */
    public function byRange(): GaugeSpread
    {
        $ranges = [];
        $means = [];
        foreach ($this->readings as $trials) {
            $means[] = (new Summary(array_merge(...$trials)))->mean;
            for ($part = 0; $part < $this->parts; $part++) {
                $ranges[] = (new Summary(array_column($trials, $part)))->range();
            }
        }
        $equipment = (new Summary($ranges))->mean * self::K1[$this->trials];
        $between = (new Summary($means))->range() * self::K2[$this->appraisers];
        $appraiser = sqrt(max(0.0, $between ** 2 - $equipment ** 2 / ($this->parts * $this->trials)));

        return new GaugeSpread($equipment, $appraiser, (new Summary($this->partMeans()))->range() * self::K3[$this->parts]);
    }

    /** By analysis of variance of parts and appraisers, both at random. */
    public function byVariance(): GaugeSpread
    {
        [$part, $appraiser, $interaction, $equipment] = $this->squares();
        $freedom = [$this->parts - 1, $this->appraisers - 1, ($this->parts - 1) * ($this->appraisers - 1), $this->parts * $this->appraisers * ($this->trials - 1)];
        $error = $equipment / $freedom[3];
        $crossed = $interaction / $freedom[2];
        $isPooled = $error <= 0.0 || Distribution::f($freedom[2], $freedom[3])->upperTail($crossed / $error) > self::POOLED_ABOVE;
        $ground = $isPooled ? ($interaction + $equipment) / ($freedom[2] + $freedom[3]) : $crossed;
        $variance = fn (float $mean, int $times): float => max(0.0, ($mean - $ground) / $times);
        $reproduced = $variance($appraiser / $freedom[1], $this->parts * $this->trials) + ($isPooled ? 0.0 : max(0.0, ($crossed - $error) / $this->trials));

        return new GaugeSpread(sqrt($isPooled ? $ground : $error), sqrt($reproduced), sqrt($variance($part / $freedom[0], $this->appraisers * $this->trials)));
    }

    /** @return array{float, float, float, float} sums of squares: parts, appraisers, their interaction, equipment */
    private function squares(): array
    {
        $all = array_merge(...array_map(fn (array $trials): array => array_merge(...$trials), $this->readings));
        $grand = (new Summary($all))->mean;
        $part = self::about($grand, $this->partMeans(), $this->appraisers * $this->trials);
        $appraiser = self::about($grand, array_map(fn (array $trials): float => (new Summary(array_merge(...$trials)))->mean, $this->readings), $this->parts * $this->trials);
        $cells = [];
        $equipment = 0.0;
        foreach ($this->readings as $trials) {
            for ($p = 0; $p < $this->parts; $p++) {
                $cell = array_column($trials, $p);
                $cells[] = $mean = (new Summary($cell))->mean;
                $equipment += Summary::sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $cell));
            }
        }

        return [$part, $appraiser, max(0.0, self::about($grand, $cells, $this->trials) - $part - $appraiser), $equipment];
    }

    /** @param  list<float>  $means  each of so many values */
    private static function about(float $grand, array $means, int $times): float
    {
        return $times * Summary::sum(array_map(fn (float $m): float => ($m - $grand) ** 2, $means));
    }

    /** @return list<float> */
    private function partMeans(): array
    {
        $trials = array_merge(...$this->readings);

        return array_map(fn (int $p): float => (new Summary(array_column($trials, $p)))->mean, range(0, $this->parts - 1));
    }
}
