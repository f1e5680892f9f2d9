<?php

declare(strict_types=1);

/** @param  callable(): mixed  $work */
function medianMs(callable $work): float
{
    $times = [];
    for ($i = 0; $i < 5; $i++) {
        $began = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $began) / 1e6;
    }
    sort($times);

    return $times[2];
}
