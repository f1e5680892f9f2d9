<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Statistics;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Statistics\AnalysisOfVariance;
use Tekkal\Core\Statistics\Capability;
use Tekkal\Core\Statistics\ChartConstants;
use Tekkal\Core\Statistics\Distribution;
use Tekkal\Core\Statistics\Interval;
use Tekkal\Core\Statistics\LinearRegression;
use Tekkal\Core\Statistics\PolynomialRegression;
use Tekkal\Core\Statistics\StatisticsException;
use Tekkal\Core\Statistics\Summary;
use Tekkal\Core\Statistics\TooFew;
use Throwable;

/** Statistics at their edges. Made-up inputs run through R 4.2.2 where a test says so; closed forms elsewhere. */
final class EdgesTest extends TestCase
{
    /** pt() of R 4.2.2. */
    #[DataProvider('manyDegrees')]
    public function test_students_t_keeps_its_digits_however_many_degrees_of_freedom_there_are(float $df, float $x, float $below, float $above): void
    {
        self::assertEqualsWithDelta($below, Distribution::studentT($df)->cdf($x), 5e-13);
        self::assertEqualsWithDelta(1.0, Distribution::studentT($df)->upperTail($x) / $above, 1e-9);
        self::assertEqualsWithDelta($below, 1 - Distribution::studentT($df)->cdf(-$x), 5e-13);
    }

    /** @return iterable<string, array{float, float, float, float}> */
    public static function manyDegrees(): iterable
    {
        yield 'just below where the expansion begins' => [9999.0, 2.0, 0.9772363683192449, 2.2763631681e-02];
        yield 'just above it' => [10001.0, 3.1, 0.9990297087592290, 9.7029124077e-04];
        yield 'a hundred thousand' => [1e5, 4.0, 0.9999683060012214, 3.1693998779e-05];
        yield 'nearly a million' => [9.9e5, 2.0, 0.9772497317109309, 2.2750268289e-02];
        yield 'so many that it is the normal distribution' => [1e15, 2.0, 0.9772498680518207, 2.2750131948e-02];
    }

    /** d2(2) = 2/√π, d3(2) = √(2 − 4/π), d2(3) = 3/√π (closed forms); the others by the same integrals, to the digits that tables print (ASTM E2587, from memory). */
    public function test_constants_of_control_charts_are_what_their_definitions_give(): void
    {
        $two = new ChartConstants(2);
        self::assertEqualsWithDelta(2 / sqrt(M_PI), $two->d2, 1e-13);
        self::assertEqualsWithDelta(sqrt(2 - 4 / M_PI), $two->d3, 1e-10);
        self::assertEqualsWithDelta(3 / sqrt(M_PI), (new ChartConstants(3))->d2, 1e-13);
        self::assertEqualsWithDelta([2.326, 0.8641, 3.078, 0.7971], [(new ChartConstants(5))->d2, (new ChartConstants(5))->d3, (new ChartConstants(10))->d2, (new ChartConstants(10))->d3], 5e-4);
    }

    /** Degrees of freedom of a mean range, as tables of d2* print them beside it: 3.8 for one subgroup of five, 36.5 for ten of them (AIAG MSA, from memory). */
    /** Made-up inputs run through R 4.2.2 (predict of lm(x ~ 1), interval = "prediction"), labelled so. */
    public function test_the_next_single_value_lies_where_r_says(): void
    {
        $values = new Summary([31.2, 32.4, 31.8, 32.9, 30.7, 32.1]);

        self::assertEqualsWithDelta(29.62356348722, $values->prediction()->low, 1e-10);
        self::assertEqualsWithDelta(34.07643651278, $values->prediction()->high, 1e-10);
        self::assertEqualsWithDelta(28.3576737729633, $values->prediction(0.99)->low, 1e-10);
        self::assertEqualsWithDelta(35.3423262270367, $values->prediction(0.99)->high, 1e-10);
    }

    public function test_a_spread_from_ranges_has_fewer_degrees_of_freedom_than_there_are_values(): void
    {
        self::assertEqualsWithDelta(3.8, (new ChartConstants(5))->freedom(1), 0.1);
        self::assertEqualsWithDelta(36.5, (new ChartConstants(5))->freedom(10), 0.1);
        self::assertLessThan(49.0, (new ChartConstants(5))->freedom(10));
    }

    /** 2,000 processes whose Cp is 1, drawn by seed: an interval for 95 % holds it in about 95 % of them. */
    public function test_the_interval_of_a_capability_within_subgroups_holds_the_true_one_as_often_as_it_says(): void
    {
        mt_srand(20261128);
        $normal = fn (): float => sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
        $holds = 0;
        for ($i = 0; $i < 2000; $i++) {
            $subgroups = [];
            for ($g = 0; $g < 8; $g++) {
                $subgroups[] = [$normal(), $normal(), $normal(), $normal()];
            }
            $holds += Capability::within($subgroups, -3.0, 3.0)->potentialInterval()?->holds(1.0) === true ? 1 : 0;
        }

        self::assertGreaterThan(0.935, $holds / 2000);
        self::assertLessThan(0.965, $holds / 2000);
    }

    /**
     * @param  callable(): mixed  $ask
     * @param  class-string<Throwable>  $refusal
     */
    #[DataProvider('nonsense')]
    public function test_nonsense_has_no_answer(callable $ask, string $refusal, string $says): void
    {
        $this->expectException($refusal);
        $this->expectExceptionMessage($says);
        $ask();
    }

    /** @return iterable<string, array{callable(): mixed, class-string<Throwable>, string}> */
    public static function nonsense(): iterable
    {
        $values = array_map(fn (int $i): float => 10 + $i / 10, range(1, 30));
        yield 'a summary with a value that is none' => [fn () => new Summary([1.0, NAN]), StatisticsException::class, 'no number at all'];
        yield 'a summary with infinity' => [fn () => new Summary([1.0, INF]), StatisticsException::class, 'a finite number is wanted'];
        yield 'limits the wrong way round' => [fn () => Capability::overall($values, 12.0, 11.0), StatisticsException::class, 'The lower of the limits'];
        yield 'a limit that is no number' => [fn () => Capability::overall($values, NAN, 11.0), StatisticsException::class, 'no number at all'];
        yield 'a capability of one value' => [fn () => Capability::of(1.0, 1.0, 1, 0.0, 2.0), TooFew::class, 'at least two values; there are 1'];
        yield 'a capability whose spread is no number' => [fn () => Capability::of(1.0, NAN, 30, 0.0, 2.0), StatisticsException::class, 'no number at all'];
        yield 'percentiles that do not rise' => [fn () => Capability::byPercentiles(1.0, 1.0, 2.0, 0.0, 3.0), StatisticsException::class, 'The lower of the percentiles'];
        yield 'an interval that falls' => [fn () => new Interval(2.0, 1.0), StatisticsException::class, 'from its lower end up'];
        yield 'an interval of no number' => [fn () => new Interval(NAN, 1.0), StatisticsException::class, 'from its lower end up'];
        yield 'a share that is no number' => [fn () => Distribution::normal()->quantile(NAN), StatisticsException::class, 'A share between 0 and 1'];
        yield 'the normal distribution at no number' => [fn () => Distribution::normal()->cdf(NAN), StatisticsException::class, 'A number is wanted'];
        yield 'degrees of freedom that are none' => [fn () => Distribution::studentT(NAN), StatisticsException::class, 'Degrees of freedom above zero'];
        yield 'so many that the series would not settle' => [fn () => Distribution::chiSquare(1e9), StatisticsException::class, 'of at most 1.0e+6'];
        yield 'the same of F' => [fn () => Distribution::f(3.0, 1e9), StatisticsException::class, 'of at most 1.0e+6'];
        yield 'a correlation of values that do not differ' => [fn () => (new Summary([1.0, 1.0]))->autocorrelation(), TooFew::class, 'no autocorrelation'];
        yield 'the share that a line explains of level points' => [fn () => (new LinearRegression([1.0, 2.0, 3.0], [1.0, 1.0, 1.0]))->rSquared(), TooFew::class, 'no spread that a line could explain'];
        yield 'limits on a level line' => [fn () => (new LinearRegression([1.0, 2.0, 3.0], [1.0, 1.0, 1.0]))->xInterval(1.0), TooFew::class, 'A level line'];
        yield 'a line through infinity' => [fn () => new LinearRegression([1.0, 2.0, INF], [1.0, 1.0, 1.0]), StatisticsException::class, 'finite'];
        yield 'a polynomial above one x' => [fn () => new PolynomialRegression([1.0, 1.0, 1.0, 1.0], [1.0, 2.0, 3.0, 4.0], 2), TooFew::class, 'at least 3 different x'];
        yield 'a polynomial of no degree' => [fn () => new PolynomialRegression([1.0, 2.0, 3.0], [1.0, 2.0, 3.0], 0), StatisticsException::class, 'The degree: 1 to 6'];
        yield 'variance in an empty group' => [fn () => new AnalysisOfVariance([[1.0], []]), TooFew::class, 'each with a value'];
        yield 'variance within nothing' => [fn () => (new AnalysisOfVariance([[1.0, 1.0], [2.0, 2.0]]))->f(), TooFew::class, 'Within its groups no value differs'];
        yield 'shares of no variance' => [fn () => (new AnalysisOfVariance([[1.0, 1.0], [1.0, 1.0]]))->rSquared(), TooFew::class, 'No value differs'];
        yield 'constants of one' => [fn () => new ChartConstants(1), StatisticsException::class, 'Subgroups of 2 to 25'];
        yield 'freedom of no subgroup' => [fn () => (new ChartConstants(5))->freedom(0), StatisticsException::class, 'number of subgroups'];
    }
}
