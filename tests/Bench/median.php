<?php

declare(strict_types=1);

/** @param  list<float>  $values */
function median(array $values): float
{
    sort($values);
    $n = count($values);

    return $n % 2 === 1 ? $values[intdiv($n, 2)] : ($values[$n / 2 - 1] + $values[$n / 2]) / 2;
}

/**
 * The median of five times that the work takes.
 *
 * @param  callable(): mixed  $work
 */
function medianMs(callable $work): float
{
    $times = [];
    for ($i = 0; $i < 5; $i++) {
        $began = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $began) / 1e6;
    }

    return median($times);
}
