<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use Tekkal\Core\Sequence\Pattern;
use Tekkal\Core\Sequence\Position;
use Tekkal\Core\Sequence\SequenceGenerator;
use Tekkal\Core\Sequence\SequenceJudge;
use Tekkal\Core\Unit\Length;

/** Orders of tightening among the published check values; rows are A above B, columns from the left. */
final class SequenceChecks
{
    public static function compute(string $id, ReferenceInputs $in): mixed
    {
        $n = (int) ($in->has('n') ? $in->float('n') : ($in->has('columns') ? $in->float('columns') : 0));

        return match (true) {
            str_starts_with($id, 'h.pcc1.minstep') => SequenceJudge::smallestStep(SequenceGenerator::cross($n), $n),
            str_starts_with($id, 'h.pcc1.') && $n > 0 => SequenceGenerator::cross($n),
            str_starts_with($id, 'h.star.minstep') => SequenceJudge::smallestStep(SequenceGenerator::star($n), $n),
            str_starts_with($id, 'h.star') => SequenceGenerator::star($n),
            $id === 'h.caps7' => array_map(intval(...), SequenceGenerator::generate(Pattern::CrissCross, self::row('', (int) $in->float('caps'), 0))),
            $in->has('style') => self::generated($id, $in->text('style'), $n),
            $in->has('labels') => self::judged($in->texts('labels')),
            default => null,
        };
    }

    /** @return list<string>|list<int> labels, or numbers with row A from 1 and row B after it */
    private static function generated(string $id, string $style, int $columns): array
    {
        $order = SequenceGenerator::generate($style === 'spiral' ? Pattern::Spiral : Pattern::CrissCross, self::rows($columns));

        return str_ends_with($id, '.num')
            ? array_map(fn (string $label): int => (int) substr($label, 1) + ($label[0] === 'B' ? $columns : 0), $order)
            : $order;
    }

    /**
     * @param  list<string>  $labels
     * @return array{permutation: bool, centre_out: bool, set_is_symmetric: bool, same_row_neighbour_steps: int}
     */
    private static function judged(array $labels): array
    {
        $columns = intdiv(count($labels), 2);
        $report = (new SequenceJudge(self::rows($columns)))->judge($labels);
        $mirrored = array_map(fn (string $l): string => $l[0].($columns + 1 - (int) substr($l, 1)), $labels);

        return [
            'permutation' => $report->isPermutation(),
            'centre_out' => $report->centreOut,
            'set_is_symmetric' => array_diff($mirrored, $labels) === [],
            'same_row_neighbour_steps' => count($report->neighbours) + count($report->natural),
        ];
    }

    /** @return list<Position> */
    private static function rows(int $columns): array
    {
        return [...self::row('A', $columns, 0), ...self::row('B', $columns, 100)];
    }

    /** @return list<Position> */
    private static function row(string $row, int $columns, int $y): array
    {
        return array_map(fn (int $i): Position => new Position("$row$i", "$row$i", Length::millimetres(60 * $i), Length::millimetres($y), 'group', 'part'), $columns < 1 ? [] : range(1, $columns));
    }
}
