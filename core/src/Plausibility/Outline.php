<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Tekkal\Core\Document\AsWritten;
use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** What is drawn over the edge of its own map: somebody has measured from another corner, or the map is too small. */
final class Outline
{
    /** A hexagon is wider over its corners than across its flats. */
    private const OVER_CORNERS = 1.1547;

    /**
     * @param  array<mixed>  $document
     * @return list<Challenge>
     */
    public static function of(array $document): array
    {
        $map = is_array($document['map'] ?? null) ? $document['map'] : [];
        [$width, $height] = [self::number($map['width'] ?? null), self::number($map['height'] ?? null)];
        $over = [];
        foreach (AsWritten::things($map, 'parts') as $part) {
            [$x, $y] = [self::number($part['x'] ?? null), self::number($part['y'] ?? null)];
            $over[] = self::isOver($x, $y, $x + self::number($part['width'] ?? null), $y + self::number($part['height'] ?? null), $width, $height) ? self::text($part['name'] ?? '') : null;
        }
        $across = self::across($document);
        foreach (AsWritten::things($map, 'positions') as $position) {
            [$x, $y, $half] = [self::number($position['x'] ?? null), self::number($position['y'] ?? null), ($across[self::text($position['group'] ?? '')] ?? 0.0) * self::OVER_CORNERS / 2];
            $over[] = self::isOver($x - $half, $y - $half, $x + $half, $y + $half, $width, $height) ? 'no. '.self::text($position['number'] ?? '') : null;
        }
        $over = array_values(array_filter($over));

        return $over === [] ? [] : [new Challenge(ChallengeKind::OverOutline, 'map', sprintf('Drawn over the edge of its map (%g × %g mm): %s. Where is it measured from?', $width, $height, implode(', ', $over)))];
    }

    /**
     * @param  array<mixed>  $document
     * @return array<string, float> of the heads in mm, by group
     */
    private static function across(array $document): array
    {
        $fasteners = AsWritten::things($document, 'fasteners');

        return array_map(function (array $group) use ($fasteners): float {
            $flats = $fasteners[self::text($group['fastener'] ?? '')]['across_flats'] ?? null;
            $parsed = is_string($flats) ? QuantityParser::parse($flats, Kind::Length) : null;

            return $parsed instanceof Understood ? $parsed->value->quantity()->inBase()->toFloat() : 0.0;
        }, AsWritten::things($document, 'groups'));
    }

    private static function isOver(float $left, float $top, float $right, float $bottom, float $width, float $height): bool
    {
        return $left < 0 || $top < 0 || $right > $width || $bottom > $height;
    }

    private static function number(mixed $said): float
    {
        return is_numeric($said) ? (float) $said : 0.0;
    }

    private static function text(mixed $said): string
    {
        return is_string($said) ? $said : '';
    }
}
