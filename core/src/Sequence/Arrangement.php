<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

/** How the positions of a joint lie, seen from above. */
enum Arrangement: string
{
    case Circle = 'circle';
    case Rows = 'rows';

    /** Radii on a bolt circle differ by less than this share of their mean; on a square of four they do not differ at all. */
    private const ROUND = 0.08;

    /** @param  list<Position>  $positions */
    public static function of(array $positions): self
    {
        $plane = new Plane($positions);
        $radii = $plane->radii();
        if (count($radii) < 3 || (count($radii) > 4 && $plane->standsInTwoRows())) {
            return self::Rows;
        }
        $mean = array_sum($radii) / count($radii);

        return $mean > 0.0 && max($radii) - min($radii) < self::ROUND * $mean ? self::Circle : self::Rows;
    }
}
