<?php

declare(strict_types=1);

namespace Tekkal\Core\Plausibility;

use Tekkal\Core\Unit\Kind;
use Tekkal\Core\Unit\QuantityParser;
use Tekkal\Core\Unit\Understood;
use Tekkal\Core\Unit\Written;

/** What a document says of a fastener and cannot be so. */
final class Fasteners
{
    /**
     * @param  array<mixed>  $document
     * @return list<Challenge>
     */
    public static function of(array $document): array
    {
        $fasteners = is_array($document['fasteners'] ?? null) ? array_values($document['fasteners']) : [];

        return array_values(array_filter(array_map(fn (mixed $f): ?Challenge => is_array($f) ? self::hole($f) : null, $fasteners)));
    }

    /**
     * A hole as wide as the face that is to bear on it: one of the two was misread.
     *
     * @param  array<mixed>  $fastener
     */
    private static function hole(array $fastener): ?Challenge
    {
        $geometry = is_array($fastener['geometry'] ?? null) ? $fastener['geometry'] : [];
        [$face, $hole] = [self::length($geometry['bearing_diameter'] ?? null), self::length($geometry['hole_diameter'] ?? null)];
        $name = is_string($fastener['name'] ?? null) ? $fastener['name'] : '';

        return $face === null || $hole === null || $face->isGreaterThan($hole) ? null
            : new Challenge(ChallengeKind::HoleTooLarge, $name, sprintf('%s: a bearing face of %s does not bear on a hole of %s; nothing is estimated with them.', $name, $face->typeset(), $hole->typeset()));
    }

    private static function length(mixed $printed): ?Written
    {
        $parsed = is_string($printed) ? QuantityParser::parse($printed, Kind::Length) : null;

        return $parsed instanceof Understood ? $parsed->value : null;
    }
}
