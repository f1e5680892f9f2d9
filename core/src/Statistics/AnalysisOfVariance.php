<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

/** One-way analysis of variance: do groups differ more than their own spread explains? */
final readonly class AnalysisOfVariance
{
    public float $between;

    public float $within;

    public int $betweenFreedom;

    public int $withinFreedom;

    /**
     * @param  list<list<float>>  $groups
     *
     * @throws TooFew below two groups, when one is empty, no group has two values, or none differs from another
     */
    public function __construct(array $groups)
    {
        if ($groups === [] || in_array([], $groups, true)) {
            throw new TooFew('Analysis of variance needs at least two groups, each with a value.');
        }
        $all = array_merge(...$groups);
        $this->betweenFreedom = count($groups) - 1;
        $this->withinFreedom = count($all) - count($groups);
        if ($this->betweenFreedom < 1 || $this->withinFreedom < 1) {
            throw new TooFew('Analysis of variance needs at least two groups, and one with two values.');
        }
        $grand = (new Summary($all))->mean;
        $means = array_map(fn (array $g): float => (new Summary($g))->mean, $groups);
        $this->between = Summary::sum(array_map(fn (array $g, float $m): float => count($g) * ($m - $grand) ** 2, $groups, $means));
        $this->within = Summary::sum(array_merge(...array_map(fn (array $g, float $m): array => array_map(fn (float $x): float => ($x - $m) ** 2, $g), $groups, $means)));
    }

    public function betweenMean(): float
    {
        return $this->between / $this->betweenFreedom;
    }

    public function withinMean(): float
    {
        return $this->within / $this->withinFreedom;
    }

    /** @throws TooFew when no value differs from its group: there is no spread to hold the groups against */
    public function f(): float
    {
        if ($this->within <= 0.0) {
            throw new TooFew('Within its groups no value differs; the tool shows too coarse steps, or they are not measured.');
        }

        return $this->betweenMean() / $this->withinMean();
    }

    /** Probability of so large an F when the groups do not differ. */
    public function p(): float
    {
        return Distribution::f($this->betweenFreedom, $this->withinFreedom)->upperTail($this->f());
    }

    /** @throws TooFew when no value differs from another */
    public function rSquared(): float
    {
        if ($this->between + $this->within <= 0.0) {
            throw new TooFew('No value differs from another; there is no spread to share.');
        }

        return $this->between / ($this->between + $this->within);
    }
}
