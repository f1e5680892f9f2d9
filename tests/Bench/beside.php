<?php

declare(strict_types=1);

use Tests\Faults\Http;

/**
 * A page and a bare query of the same rows by the same way in, asked in turn: medians of five rounds of twelve, and of the
 * rounds' ratios.
 *
 * @return array{ms: float, bare_ms: float, ratio: float}
 */
function besideBare(Http $http, string $page, string $bare): array
{
    $rounds = [[], []];
    $ratios = [];
    for ($round = -1; $round < 5; $round++) {
        $times = [[], []];
        for ($i = 0; $i < 24; $i++) {
            $began = hrtime(true);
            $http->must([$page, $bare][$i % 2]);
            $times[$i % 2][] = (hrtime(true) - $began) / 1e6;
        }
        // The first round warms up.
        if ($round >= 0) {
            $rounds[0][] = median($times[0]);
            $rounds[1][] = median($times[1]);
            $ratios[] = median($times[0]) / median($times[1]);
        }
    }

    return ['ms' => median($rounds[0]), 'bare_ms' => median($rounds[1]), 'ratio' => median($ratios)];
}
