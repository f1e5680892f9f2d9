<?php

declare(strict_types=1);

// Writes the vectors to which the server's judgement and the bench's straight path are both held.

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\Unit;
use Tekkal\Core\Unit\Written;

require __DIR__.'/../../vendor/autoload.php';

/** @return list<string> digits of a limit in a unit, and one last place to either side of it */
function around(Written $limit, Unit $unit, int $decimals): array
{
    $place = BigDecimal::ofUnscaledValue(1, $decimals);
    $value = $limit->quantity()->inBase()->dividedBy($unit->factor(), $decimals, RoundingMode::HALF_UP);
    $digits = [];
    foreach ([$value->minus($place), $value, $value->plus($place)] as $candidate) {
        if (! $candidate->isNegative()) {
            $digits[] = (string) $candidate;
        }
    }

    return $digits;
}

/**
 * @param  array{Written, Written}  $limits
 * @return list<array<string, string>>
 */
function cases(Window $window, array $limits): array
{
    $cases = [];
    foreach ($window->kind()->units() as $unit) {
        foreach ([0, 1, 2, 6] as $decimals) {
            foreach (array_merge(...array_map(fn (Written $limit): array => around($limit, $unit, $decimals), $limits)) as $digits) {
                $cases[] = ['digits' => $digits, 'unit' => $unit->code(), 'verdict' => $window->judge(Written::of($digits, $unit)->quantity())->value];
            }
        }
    }

    return $cases;
}

$windows = [
    ['30', '34', 'N.m'], ['13.5', '16.5', 'lbf.ft'], ['62', '68', 'lbf.ft'], ['74', '82', 'lbf.in'], ['3.1', '3.3', 'kgf.m'],
    ['75', '85', 'deg'], ['0.125', '0.25', 'turn'], ['0.0050', '0.0058', 'in'], ['0', '0.1', 'mm'],
];
$vectors = [];
foreach ($windows as [$low, $high, $code]) {
    $limits = [Written::fromCode($low, $code), Written::fromCode($high, $code)];
    $window = new Window(...$limits);
    $vectors[] = [
        'low' => (string) $limits[0]->quantity()->inBase(),
        'high' => (string) $limits[1]->quantity()->inBase(),
        'units' => array_map(fn (Unit $u): array => ['code' => $u->code(), 'factor' => (string) $u->factor()], $window->kind()->units()),
        'cases' => cases($window, $limits),
    ];
}
echo json_encode($vectors, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR), "\n";
