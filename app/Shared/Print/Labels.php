<?php

declare(strict_types=1);

namespace App\Shared\Print;

use App\Shared\Refused;

/** Labels to be stuck on things: the number large, a code that a scanner reads, what it is. */
final class Labels
{
    private const MOST = 300;

    /**
     * @param  list<string>  $chosen  what labels were asked for
     *
     * @throws Refused when none, or more than a stack of paper holds
     */
    public static function count(array $chosen, string $field): void
    {
        if ($chosen === [] || count($chosen) > self::MOST) {
            throw Refused::field($field, sprintf('Choose 1 to %d labels; these are %d.', self::MOST, count($chosen)), (string) count($chosen));
        }
    }

    /**
     * @param  list<array{code: string, lines: list<string>, scan: string}>  $labels  what is scanned begins with the sign of what it is, so that no scan enters as a reading
     * @param  int<1, 6>  $inARow
     */
    public static function html(array $labels, string $shop, int $inARow): string
    {
        $labels = array_map(fn (array $l): array => ['qr' => QrCode::of($l['scan'])] + $l, $labels);

        return view('labels', ['shop' => $shop, 'rows' => array_chunk($labels, $inARow), 'in_a_row' => $inARow])->render();
    }
}
