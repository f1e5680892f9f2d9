<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\Unit\Length;

/** Looks at an order, whoever made it: is each position in it once, and does it pull the joint down evenly? */
final readonly class SequenceJudge
{
    /** On fewer places on a circle every order meets a neighbour. */
    private const FEWEST_FOR_NEIGHBOURS = 5;

    private Plane $plane;

    public Arrangement $arrangement;

    /** @param  list<Position>  $positions */
    public function __construct(private array $positions)
    {
        $this->plane = new Plane($positions);
        $this->arrangement = Arrangement::of($positions);
    }

    /** @param  list<string>  $order */
    public function judge(array $order): SequenceReport
    {
        $known = array_map(fn (Position $p): string => $p->key, $this->positions);
        $good = array_values(array_unique(array_intersect($order, $known)));
        $neighbours = $this->neighbours($good);
        $central = array_fill_keys(array_merge(...array_slice($this->plane->bands(), 0, 2)), true);
        $natural = array_values(array_filter($neighbours, fn (array $pair): bool => $this->isNatural($pair, $central)));

        return new SequenceReport(
            array_values(array_diff($known, $order)),
            array_map(strval(...), array_keys(array_filter(array_count_values($order), fn (int $n): bool => $n > 1))),
            array_values(array_unique(array_diff($order, $known))),
            array_values(array_filter($neighbours, fn (array $pair): bool => ! $this->isNatural($pair, $central))),
            $natural,
            $this->isCentreOut($good),
            Length::millimetres(sprintf('%.3F', $this->wander($good))),
        );
    }

    /**
     * Smallest number of places between two that follow each other on a circle of $count places.
     *
     * @param  list<int>  $places
     */
    public static function smallestStep(array $places, int $count): int
    {
        $least = $count;
        for ($i = 1; $i < count($places); $i++) {
            $way = abs($places[$i] - $places[$i - 1]) % $count;
            $least = min($least, $way, $count - $way);
        }

        return $least;
    }

    /**
     * @param  list<string>  $order
     * @return list<array{string, string}> pairs done one after the other that lie side by side in a row or on the circle
     */
    private function neighbours(array $order): array
    {
        $beside = [];
        foreach ($this->arrangement === Arrangement::Circle ? [$this->plane->clockwise()] : $this->plane->rows() as $line) {
            $closed = $this->arrangement === Arrangement::Circle ? [...$line, $line[0]] : $line;
            for ($i = 1; $i < count($closed); $i++) {
                $beside[$closed[$i - 1].' '.$closed[$i]] = $beside[$closed[$i].' '.$closed[$i - 1]] = true;
            }
        }
        $pairs = [];
        for ($i = 1; $i < count($order); $i++) {
            if (isset($beside[$order[$i - 1].' '.$order[$i]])) {
                $pairs[] = [$order[$i - 1], $order[$i]];
            }
        }

        return $pairs;
    }

    /**
     * On a circle of fewer than five every order meets a neighbour; in a row the middle pair is where one begins.
     *
     * @param  array{string, string}  $pair
     * @param  array<string, true>  $central  the positions of the two middle bands
     */
    private function isNatural(array $pair, array $central): bool
    {
        if ($this->arrangement === Arrangement::Circle) {
            return count($this->positions) < self::FEWEST_FOR_NEIGHBOURS;
        }

        return isset($central[$pair[0]], $central[$pair[1]]);
    }

    /** @param  list<string>  $order */
    private function isCentreOut(array $order): bool
    {
        $bandOf = [];
        foreach ($this->plane->bands() as $i => $band) {
            foreach ($band as $key) {
                $bandOf[$key] = $i;
            }
        }
        $reached = 0;
        foreach ($order as $key) {
            if ($bandOf[$key] < $reached) {
                return false;
            }
            $reached = $bandOf[$key];
        }

        return true;
    }

    /**
     * How far the centre of what is tightened strays from the centre of all, from the second fastener on.
     *
     * @param  list<string>  $order
     */
    private function wander(array $order): float
    {
        $most = $along = $across = 0.0;
        foreach ($order as $i => $key) {
            [$x, $y] = $this->plane->points[$key];
            [$along, $across] = [$along + $x, $across + $y];
            $most = $i === 0 ? 0.0 : max($most, hypot($along, $across) / ($i + 1));
        }

        return $most;
    }
}
