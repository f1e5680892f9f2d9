<?php

declare(strict_types=1);

namespace Tekkal\Core\Tool;

use Tekkal\Core\Bounds;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Summary;

/** A budget of uncertainties, each with its distribution and degrees of freedom (JCGM 100:2008). All in one unit, such as % of the value. */
final readonly class UncertaintyBudget
{
    /**
     * @param  list<UncertaintyComponent>  $components  at least one
     *
     * @throws ToolException when there is none
     */
    public function __construct(public array $components)
    {
        (new Bounds(ToolException::class))->some('the components', $components);
    }

    /**
     * The list of ISO 6789-2:2017 as a template (components and their treatment from memory): reference device, resolution
     * once, repeatability of the mean, and four b-values taken at the lower limit of the range and reused.
     *
     * @param  list<float>  $readings  reference readings at the point, in the unit of the tool
     * @param  array{md: float, resolution: float, rep: float, od: float, int: float, l: float}  $values  md: expanded
     *                                                                                                    uncertainty of the reference device in %; the others in the unit of the tool
     * @param  float  $lowMean  mean reference reading at the lower limit, to which the b-values refer, above 0
     *
     * @throws ToolException when a mean is not above 0 or a value below 0
     */
    public static function iso6789(array $readings, array $values, float $lowMean): self
    {
        $summary = new Summary($readings);
        (new Bounds(ToolException::class))->above0('a mean of reference readings', $summary->mean, $lowMean);
        $half = fn (float $width, float $of): float => 100 * $width / 2 / $of;

        return new self([
            UncertaintyComponent::expanded('w_md', $values['md'], 2.0),
            UncertaintyComponent::rectangular('w_r', $half($values['resolution'], $summary->mean)),
            UncertaintyComponent::rectangular('w_rep', $half($values['rep'], $lowMean)),
            UncertaintyComponent::rectangular('w_od', $half($values['od'], $lowMean)),
            UncertaintyComponent::rectangular('w_int', $half($values['int'], $lowMean)),
            UncertaintyComponent::rectangular('w_l', $half($values['l'], $lowMean)),
            UncertaintyComponent::observed('w_re', 100 * $summary->sd() / sqrt($summary->n) / $summary->mean, $summary->n - 1),
        ]);
    }

    /** Combined standard uncertainty: the root of the sum of squares. */
    public function combined(): float
    {
        return sqrt(Summary::sum(array_map(fn (UncertaintyComponent $c): float => $c->standard() ** 2, $this->components)));
    }

    /** Expanded by k = 2. */
    public function expanded(): float
    {
        return 2 * $this->combined();
    }

    /** Effective degrees of freedom (Welch and Satterthwaite; JCGM 100:2008, G.2b); INF where none is limited. */
    public function effectiveFreedom(): float
    {
        $sum = Summary::sum(array_map(fn (UncertaintyComponent $c): float => is_infinite($c->freedom) ? 0.0 : $c->standard() ** 4 / $c->freedom, $this->components));

        return $sum === 0.0 ? INF : $this->combined() ** 4 / $sum;
    }

    /** Expanded by Student's t for 95.45 % at the effective degrees of freedom. */
    public function expandedByFreedom(): float
    {
        $freedom = $this->effectiveFreedom();
        // The share that k = 2 covers of a normal value.
        $covered = Distribution::normal()->cdf(2.0);

        return (is_infinite($freedom) ? 2.0 : Distribution::studentT(max(1.0, floor($freedom)))->quantile($covered)) * $this->combined();
    }
}
