<?php

declare(strict_types=1);

namespace Tekkal\Core\Sequence;

use Tekkal\Core\Unit\Length;
use Tekkal\Core\Unit\Written;

/**
 * Pairs fasteners by free length so that the differences within pairs add up to least: sorted, each goes with its
 * neighbour. That this is the least follows by exchange: two pairs that cross or nest only grow. Of an odd number one is
 * left over, the one whose absence costs least.
 */
final readonly class Pairing
{
    /**
     * @param  list<array{string, string}>  $pairs  by name, shorter first
     * @param  Length  $total  sum of the differences
     */
    private function __construct(
        public array $pairs,
        public ?string $leftOver,
        public Length $total,
    ) {
    }

    /**
     * @param  array<string, Written>  $lengths  free length by the fastener's name
     *
     * @throws SequenceException when one of them is no length
     */
    public static function nearest(array $lengths): self
    {
        $lengths = self::read($lengths);
        uasort($lengths, fn (Length $a, Length $b): int => $a->inBase()->compareTo($b->inBase()));
        $names = array_map(strval(...), array_keys($lengths));
        $best = null;
        foreach (count($names) % 2 === 0 ? [null] : $names as $left) {
            $pairs = array_chunk(array_values(array_filter($names, fn (string $n): bool => $n !== $left)), 2);
            $total = Length::millimetres(0);
            foreach ($pairs as $pair) {
                $total = $total->plus($lengths[$pair[1] ?? $pair[0]])->minus($lengths[$pair[0]]);
            }
            if ($best === null || $total->inBase()->isLessThan($best->total->inBase())) {
                $best = new self(array_map(fn (array $p): array => [$p[0], $p[1] ?? $p[0]], $pairs), $left, $total);
            }
        }

        return $best ?? new self([], null, Length::millimetres(0));
    }

    /**
     * @param  array<string, Written>  $written
     * @return array<string, Length>
     */
    private static function read(array $written): array
    {
        $lengths = [];
        foreach ($written as $name => $value) {
            $length = $value->quantity();
            $lengths[$name] = $length instanceof Length
                ? $length
                : throw new SequenceException(sprintf('%s of %s is no length.', $value->typeset(), $name), (string) $name, $value->typeset(), 'a length');
        }

        return $lengths;
    }
}
