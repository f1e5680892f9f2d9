<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

/**
 * Proposes orders. Rows and circles as common practice has them (no source; the engine maker's order governs); the cross
 * on circles is the legacy pattern of ASME PCC-1 in its editions of 2010 and 2013, from memory.
 */
final class SequenceGenerator
{
    /**
     * @param  list<Position>  $positions  in the map's order
     * @return list<string> position keys, each once
     */
    public static function generate(Pattern $pattern, array $positions, bool $reversed = false): array
    {
        $plane = new Plane($positions);
        $order = match ($pattern) {
            Pattern::CrissCross => self::centreOut($plane, [[0, 1], [1, -1], [0, -1], [1, 1]]),
            Pattern::Spiral => self::centreOut($plane, [[1, -1], [0, -1], [0, 1], [1, 1]]),
            Pattern::Cross => self::pick($plane->clockwise($positions[0]->key ?? null), self::cross(count($positions))),
            Pattern::Star => self::pick($plane->clockwise($positions[0]->key ?? null), self::star(count($positions))),
            Pattern::Pairs => self::pairs($positions),
            Pattern::Linear => array_merge([], ...$plane->rows()),
        };

        return $reversed ? array_reverse($order) : $order;
    }

    /**
     * What may be proposed for these positions: the patterns that suit them and whose order has no fault.
     *
     * @param  list<Position>  $positions
     * @return list<array{Pattern, list<string>}>
     */
    public static function proposals(array $positions): array
    {
        $judge = new SequenceJudge($positions);
        $proposals = [];
        foreach ($positions === [] ? [] : Pattern::cases() as $pattern) {
            $order = $pattern->suits($judge->arrangement) ? self::generate($pattern, $positions) : [];
            if ($order !== [] && $judge->judge($order)->faults() === []) {
                $proposals[] = [$pattern, $order];
            }
        }

        return $proposals;
    }

    /**
     * Places 1…n on a circle: opposite ones after each other, the quarters between them next. The groups of four begin half
     * a quarter apart, and where that comes round, at the next that is free: 1 4 2 5 3 6 of 24. For counts that are no
     * multiple of four, the star.
     *
     * @return list<int>
     */
    public static function cross(int $count): array
    {
        if ($count % 4 !== 0) {
            return self::star($count);
        }
        $quarter = intdiv($count, 4);
        $order = [];
        foreach (self::strides($quarter, max(1, intdiv($quarter, 2))) as $k) {
            array_push($order, $k, $k + 2 * $quarter, $k + $quarter, $k + 3 * $quarter);
        }

        return $order;
    }

    /** @return list<int> 1…n by steps of $stride round and round, each once */
    private static function strides(int $count, int $stride): array
    {
        $order = [];
        for ($k = 0; count($order) < $count; $k = ($k + $stride) % $count) {
            while (in_array($k + 1, $order, true)) {
                $k = ($k + 1) % $count;
            }
            $order[] = $k + 1;
        }

        return $order;
    }

    /**
     * Places 1…n on a circle: on odd counts just less than half way round each time, on even ones the opposite place and
     * then the next.
     *
     * @return list<int>
     */
    public static function star(int $count): array
    {
        $order = [];
        for ($i = 0; $i < $count; $i++) {
            $order[] = $count % 2 === 1
                ? $i * max(1, intdiv($count - 1, 2)) % $count + 1
                : intdiv($i, 2) + 1 + ($i % 2) * intdiv($count, 2);
        }

        return $order;
    }

    /**
     * Band by band from the middle. In the middle of an odd row the two rows take their turn; in every other band the
     * four corners do, in the order given as row (0 first, 1 second) and side (−1 left, 1 right).
     *
     * @param  list<array{int, int}>  $corners
     * @return list<string>
     */
    private static function centreOut(Plane $plane, array $corners): array
    {
        $rowOf = [];
        // In a single row the left one of two comes first; 3-4-2-5-1 is as common.
        $corners = count($plane->rows()) === 1 ? [[0, -1], [0, 1]] : $corners;
        foreach ($plane->rows() as $row => $keys) {
            foreach ($keys as $key) {
                $rowOf[$key] = $row;
            }
        }
        $order = [];
        foreach ($plane->bands() as $band) {
            usort($band, fn (string $a, string $b): int => self::rank($plane, $corners, $rowOf, $a) <=> self::rank($plane, $corners, $rowOf, $b));
            array_push($order, ...$band);
        }

        return $order;
    }

    /**
     * @param  list<array{int, int}>  $corners
     * @param  array<array-key, int>  $rowOf
     * @return array{int, int} turn within the band; row, where several share a turn
     */
    private static function rank(Plane $plane, array $corners, array $rowOf, string $key): array
    {
        $side = $plane->points[$key][0] <=> 0.0;
        $middle = abs($plane->points[$key][0]) < 1e-6;
        $turn = $middle ? $rowOf[$key] % 2 : array_search([$rowOf[$key] % 2, $side], $corners, true);

        return [(int) $turn, $rowOf[$key]];
    }

    /**
     * Part after part in the map's order, the positions of each one after the other.
     *
     * @param  list<Position>  $positions
     * @return list<string>
     */
    private static function pairs(array $positions): array
    {
        $parts = [];
        foreach ($positions as $p) {
            $parts[$p->part][] = $p->key;
        }

        return array_merge([], ...array_values($parts));
    }

    /**
     * @param  list<string>  $keys
     * @param  list<int>  $places  1…n
     * @return list<string>
     */
    private static function pick(array $keys, array $places): array
    {
        return array_map(fn (int $place): string => $keys[$place - 1], $places);
    }
}
