<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use Tekkal\Core\Acceptance\DecisionRule;
use Tekkal\Core\Tool\CalibrationSheet;
use Tekkal\Core\Tool\CalibrationTerms;
use Tekkal\Core\Tool\PassFinding;
use Tekkal\Core\Tool\PointFinding;

/** What a calibration comes to, for a screen or for paper: every reading's deviation, the budget term by term, the verdict in words. */
final class CalibrationLook
{
    /** @return array<string, mixed> */
    public static function of(CalibrationSheet $sheet): array
    {
        $terms = $sheet->terms;
        [$found, $left] = [$sheet->asFound(), $sheet->left === [] ? null : $sheet->asLeft()];

        return [
            'measure' => $terms->measure(), 'limit' => $terms->permissible->value()->toFloat(), 'limit_words' => $terms->permissible->typeset(), 'decimals' => $terms->decimals(),
            'rule' => $terms->rule->value, 'rule_words' => self::rule($terms->rule), 'standard' => $terms->standard?->typeset(), 'adapter' => self::adapter($terms),
            'as_found' => $found === null ? null : self::pass($found, $terms, 'As found'), 'as_left' => $left === null ? null : self::pass($left, $terms, 'As left'),
        ];
    }

    private static function adapter(CalibrationTerms $terms): ?string
    {
        $on = $terms->adapter;
        if ($on === null) {
            return null;
        }
        $highest = $terms->range->highest;
        $unit = $highest->unit;

        return sprintf('%s is on it, %s at %s: where %s is set the standard should read %s %s.', $on->code, $on->lever->typeset(), $on->angle->typeset(), $highest->typeset(), rtrim(rtrim(sprintf('%.3f', $on->expected($highest)->toFloat()), '0'), '.'), $unit->symbol());
    }

    public static function rule(DecisionRule $rule): string
    {
        return match ($rule) {
            DecisionRule::Simple => 'Every single reading must lie within the limits; what lies on a limit is in. The uncertainty is told and takes nothing off.',
            DecisionRule::GuardedByU => 'Every single reading must lie within the limits drawn in by the uncertainty.',
            DecisionRule::Conformity95 => 'Every single reading must lie within the limits drawn in so far that it conforms with 95 % probability.',
        };
    }

    /** @return array<string, mixed> */
    private static function pass(PassFinding $pass, CalibrationTerms $terms, string $when): array
    {
        return [
            'good' => $pass->isGood(), 'says' => self::says($pass, $terms, $when), 'near' => $pass->near(),
            'points' => array_map(fn (PointFinding $p): array => self::point($p, $terms), $pass->points),
        ];
    }

    private static function says(PassFinding $pass, CalibrationTerms $terms, string $when): string
    {
        $faults = $pass->faults();
        $last = array_pop($faults);

        return $last === null
            ? sprintf('%s it passes: the largest deviation is %s of %s.', $when, PassFinding::size(abs($pass->worst()), $terms), $terms->permissible->typeset())
            : sprintf('%s it fails: %s.', $when, $faults === [] ? $last : implode(', ', $faults).' and '.$last);
    }

    /** @return array<string, mixed> */
    private static function point(PointFinding $point, CalibrationTerms $terms): array
    {
        return [
            'key' => $point->read->key(), 'words' => $point->read->words(), 'share' => round(100 * (float) $point->read->nominal->decimal() / (float) $terms->range->highest->decimal()),
            'deviations' => array_map(fn (float $d): float => round($d, 9), $point->deviations), 'conforms' => $point->conforms, 'mean' => round($point->mean, 9), 'spread' => round($point->spread, 9),
            'expanded' => round($point->expanded, 9), 'acceptance' => round(max(0.0, $point->limit - $terms->rule->guard($point->expanded)), 9),
            'lines' => array_map(fn (array $l): array => ['name' => $l['name'], 'size' => round($l['standard'], 9), 'from' => $l['source']->words()], $point->lines),
        ];
    }
}
