<?php

declare(strict_types=1);

namespace Tekkal\Core\Statistics;

use Tekkal\Core\Bounds;

/** A polynomial through points by least squares: Householder's QR on scaled columns, as a load cell's curve wants it. */
final readonly class PolynomialRegression
{
    /** @var list<float> from the constant up */
    public array $coefficients;

    /** @var list<float> standard errors of the coefficients */
    public array $errors;

    public float $s;

    public float $rSquared;

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y  as many
     * @param  int  $degree  1…6
     *
     * @throws TooFew when there are not more points than coefficients, or they lie above too few x, or level
     * @throws StatisticsException unless the degree lies from 1 to 6 and every coordinate is finite
     */
    public function __construct(array $x, array $y, int $degree)
    {
        $bounds = new Bounds(StatisticsException::class);
        $bounds->between('the degree', (float) $degree, 1.0, 6.0);
        $bounds->finite('a coordinate', ...$x, ...$y);
        $n = count($x);
        $k = $degree + 1;
        if ($n <= $k || $n !== count($y)) {
            throw new TooFew(sprintf('A polynomial of degree %d needs at least %d points; there are %d.', $degree, $k + 1, $n));
        }
        if (count(array_unique($x, SORT_REGULAR)) < $k || count(array_unique($y, SORT_REGULAR)) < 2) {
            throw new TooFew(sprintf('A polynomial of degree %d needs points above at least %d different x, and not all level.', $degree, $k));
        }
        $scale = max(1e-300, ...array_map(abs(...), $x));
        $rows = array_map(fn (float $v): array => array_map(fn (int $p): float => ($v / $scale) ** $p, range(0, $degree)), $x);
        [$r, $q] = self::triangle($rows, $y, $k);
        $solution = self::back($r, array_slice($q, 0, $k), $k);
        $this->coefficients = array_map(fn (float $c, int $p): float => $c / $scale ** $p, $solution, array_keys($solution));
        $rss = Summary::sum(array_map(fn (float $v): float => $v * $v, array_slice($q, $k)));
        $this->s = sqrt($rss / ($n - $k));
        $mean = (new Summary($y))->mean;
        $this->rSquared = 1 - $rss / Summary::sum(array_map(fn (float $v): float => ($v - $mean) ** 2, $y));
        $errors = [];
        for ($p = 0; $p < $k; $p++) {
            $unit = array_map(fn (int $i): float => $i === $p ? 1.0 : 0.0, range(0, $k - 1));
            // The p-th diagonal of (RᵀR)⁻¹ is the length of R⁻ᵀ e_p.
            $column = self::forward($r, $unit, $k);
            $errors[] = $this->s * sqrt(Summary::sum(array_map(fn (float $v): float => $v * $v, $column))) / $scale ** $p;
        }
        $this->errors = $errors;
    }

    public function at(float $x): float
    {
        $y = 0.0;
        foreach (array_reverse($this->coefficients) as $c) {
            $y = $y * $x + $c;
        }

        return $y;
    }

    /**
     * @param  list<list<float>>  $a
     * @param  list<float>  $y
     * @return array{list<list<float>>, list<float>} R and Qᵀy
     */
    private static function triangle(array $a, array $y, int $k): array
    {
        $n = count($a);
        for ($c = 0; $c < $k; $c++) {
            $norm = sqrt(Summary::sum(array_map(fn (int $i): float => $a[$i][$c] ** 2, range($c, $n - 1))));
            $alpha = $a[$c][$c] > 0 ? -$norm : $norm;
            $v = array_fill(0, $n, 0.0);
            for ($i = $c; $i < $n; $i++) {
                $v[$i] = $a[$i][$c] - ($i === $c ? $alpha : 0.0);
            }
            $length = Summary::sum(array_map(fn (float $t): float => $t * $t, array_values($v)));
            for ($j = $c; $j < $k; $j++) {
                $dot = 2 * Summary::sum(array_map(fn (int $i): float => $v[$i] * $a[$i][$j], range($c, $n - 1))) / $length;
                for ($i = $c; $i < $n; $i++) {
                    $a[$i][$j] -= $dot * $v[$i];
                }
            }
            $dot = 2 * Summary::sum(array_map(fn (int $i): float => $v[$i] * $y[$i], range($c, $n - 1))) / $length;
            for ($i = $c; $i < $n; $i++) {
                $y[$i] -= $dot * $v[$i];
            }
        }

        return [array_map(array_values(...), $a), array_values($y)];
    }

    /**
     * @param  list<list<float>>  $r
     * @param  list<float>  $b
     * @return list<float> the solution of R z = b
     */
    private static function back(array $r, array $b, int $k): array
    {
        $z = array_fill(0, $k, 0.0);
        for ($i = $k - 1; $i >= 0; $i--) {
            $rest = $b[$i];
            for ($j = $i + 1; $j < $k; $j++) {
                $rest -= $r[$i][$j] * $z[$j];
            }
            $z[$i] = $rest / $r[$i][$i];
        }

        return array_values($z);
    }

    /**
     * @param  list<list<float>>  $r
     * @param  list<float>  $b
     * @return list<float> the solution of Rᵀ z = b
     */
    private static function forward(array $r, array $b, int $k): array
    {
        $z = array_fill(0, $k, 0.0);
        for ($i = 0; $i < $k; $i++) {
            $rest = $b[$i];
            for ($j = 0; $j < $i; $j++) {
                $rest -= $r[$j][$i] * $z[$j];
            }
            $z[$i] = $rest / $r[$i][$i];
        }

        return array_values($z);
    }
}
