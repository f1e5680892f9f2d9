<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Statistics;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Statistics\AnalysisOfVariance;
use Tekkal\Core\Statistics\Capability;
use Tekkal\Core\Statistics\ChartConstants;
use Tekkal\Core\Statistics\ControlChart;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\LinearRegression;
use Tekkal\Core\Statistics\PolynomialRegression;
use Tekkal\Core\Statistics\QuantileMethod;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Statistics\TooFew;

/** What is not among the published values of ReferenceValuesTest: identities of mathematics, and refusals. */
final class StatisticsTest extends TestCase
{
    /** @return iterable<string, array{Distribution}> */
    public static function distributions(): iterable
    {
        yield 'normal' => [Distribution::normal()];
        foreach ([0.7, 1.0, 3.0, 30.0, 400.0] as $df) {
            yield "t, $df" => [Distribution::studentT($df)];
            yield "chi-square, $df" => [Distribution::chiSquare($df)];
            yield "F, $df and 7" => [Distribution::f($df, 7)];
        }
    }

    #[DataProvider('distributions')]
    public function test_a_quantile_and_its_share_belong_together(Distribution $distribution): void
    {
        foreach ([1e-6, 0.001, 0.025, 0.5, 0.9, 0.999, 1 - 1e-6] as $p) {
            $x = $distribution->quantile($p);
            self::assertEqualsWithDelta($p, $distribution->cdf($x), 1e-9);
            self::assertEqualsWithDelta(1.0, $distribution->cdf($x) + $distribution->upperTail($x), 1e-12);
        }
    }

    /** t with one degree of freedom is Cauchy's, t² is F(1, ν), chi-square with two is exponential. */
    public function test_distributions_that_are_each_other_agree(): void
    {
        self::assertEqualsWithDelta(0.75, Distribution::studentT(1)->cdf(1.0), 1e-14);
        self::assertEqualsWithDelta(Distribution::studentT(5)->quantile(0.975) ** 2, Distribution::f(1, 5)->quantile(0.95), 1e-9);
        self::assertEqualsWithDelta(1 - exp(-1.5), Distribution::chiSquare(2)->cdf(3.0), 1e-14);
    }

    public function test_shares_and_degrees_of_freedom_that_are_none_are_refused(): void
    {
        foreach ([fn (): float => Distribution::normal()->quantile(0.0), fn (): float => Distribution::normal()->quantile(1.0), fn (): Distribution => Distribution::studentT(0), fn (): Distribution => Distribution::chiSquare(-1), fn (): Distribution => Distribution::f(1, 0), fn (): ChartConstants => new ChartConstants(1), fn (): float => QuantileMethod::Gumbel->of([1.0], 1.5)] as $wrong) {
            try {
                $wrong();
                self::fail('It was accepted.');
            } catch (InvalidArgumentException $e) {
                self::assertStringContainsString('wanted', $e->getMessage());
            }
        }
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function tooFew(): iterable
    {
        yield 'nothing to sum up' => [fn () => new Summary([]), 'at least one value'];
        yield 'a spread of one' => [fn () => (new Summary([1.0]))->sd(), 'at least two values'];
        yield 'a line through two points' => [fn () => new LinearRegression([1.0, 2.0], [1.0, 2.0]), 'at least three points; there are 2'];
        yield 'a line above one x' => [fn () => new LinearRegression([1.0, 1.0, 1.0], [1.0, 2.0, 3.0]), 'more than one x'];
        yield 'a slope that is none' => [fn () => (new LinearRegression([1.0, 2.0, 3.0, 4.0], [1.0, 1.1, 0.9, 1.0]))->xInterval(1.0), 'not told from zero'];
        yield 'a parabola through three points' => [fn () => new PolynomialRegression([1.0, 2.0, 3.0], [1.0, 2.0, 3.0], 2), 'at least 4 points'];
        yield 'groups that are one' => [fn () => new AnalysisOfVariance([[1.0, 2.0]]), 'two groups'];
        yield 'a capability of ten' => [fn () => Capability::overall(range(1.0, 10.0), 0.0, 11.0), 'at least 25 values; there are 10'];
        yield 'a capability without limits' => [fn () => Capability::of(1.0, 1.0, 30, null, null), 'at least one limit'];
        yield 'values that do not differ' => [fn () => Capability::overall(array_fill(0, 30, 5.0), 0.0, 11.0), 'do not differ'];
        yield 'subgroups of different size' => [fn () => ControlChart::ofSubgroups([[1.0, 2.0], [1.0, 2.0, 3.0]]), 'all of one size'];
        yield 'two single values' => [fn () => ControlChart::ofIndividuals([1.0, 2.0]), 'at least three'];
        yield 'a quantile of nothing' => [fn () => QuantileMethod::Weibull->of([], 0.5), 'at least one value'];
    }

    /** @param  callable(): mixed  $ask */
    #[DataProvider('tooFew')]
    public function test_what_too_few_values_cannot_say_is_refused_with_how_many_are_wanted(callable $ask, string $words): void
    {
        $this->expectException(TooFew::class);
        $this->expectExceptionMessage($words);

        $ask();
    }

    /** R 4.2: quantile(c(1, 2, 3, 4, 10), 0.3, type = 4…9), worked by hand from Hyndman and Fan. */
    public function test_the_named_quantile_methods_differ_as_their_authors_say(): void
    {
        $by = array_map(fn (QuantileMethod $m): float => round($m->of([10.0, 1.0, 3.0, 2.0, 4.0], 0.3), 9), QuantileMethod::cases());

        self::assertSame([1.5, 2.0, 1.8, 2.2, 1.933333333, 1.95], $by);
    }

    public function test_a_one_sided_window_has_no_potential_and_an_actual_capability(): void
    {
        $values = array_map(fn (int $i): float => 50 + $i % 5, range(1, 30));
        $capability = Capability::overall($values, null, 60.0);

        self::assertNull($capability->potential());
        self::assertNull($capability->potentialInterval());
        self::assertGreaterThan(1.5, $capability->actual());
    }

    public function test_where_no_angle_keeps_its_whole_interval_inside_there_is_none_to_use(): void
    {
        $line = new LinearRegression([1.0, 2.0, 3.0, 4.0], [10.0, 30.0, 20.0, 40.0]);

        self::assertNull($line->usable(new Interval(24, 26)));
    }

    public function test_a_parabola_is_found_through_its_own_points(): void
    {
        $fit = new PolynomialRegression([0.0, 1.0, 2.0, 3.0, 4.0], [1.0, 2.0, 5.0, 10.0, 17.0], 2);

        self::assertEqualsWithDelta([1.0, 0.0, 1.0], $fit->coefficients, 1e-9);
        self::assertEqualsWithDelta(26.0, $fit->at(5.0), 1e-9);
    }
}
