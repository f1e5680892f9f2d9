<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;

/** What is needed to draw a joint: its plan view, and which head sits at each position. */
final class MapSketch
{
    /**
     * @param  array<mixed>  $document
     * @return array<string, mixed>
     */
    public static function of(array $document): array
    {
        return [
            'map' => $document['map'] ?? [],
            'groups' => $document['groups'] ?? [],
            'fasteners' => array_map(fn (mixed $f): array => [
                'key' => data_get($f, 'key'),
                'head' => data_get($f, 'head'),
                'across_flats_mm' => self::millimetres(data_get($f, 'across_flats')),
            ], array_values((array) data_get($document, 'fasteners'))),
        ];
    }

    /** Null where the document has no such size: the head is then drawn in a usual one. */
    private static function millimetres(mixed $printed): ?string
    {
        $parsed = is_string($printed) ? QuantityParser::parse($printed, Kind::Length) : null;

        return $parsed instanceof Understood ? (string) $parsed->value->quantity()->inBase() : null;
    }
}
