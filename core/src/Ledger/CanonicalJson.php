<?php

declare(strict_types=1);

namespace Tekkal\Core\Ledger;

use JsonException;

/**
 * One spelling for one content: JSON as RFC 8785 writes it, narrowed so that every runtime agrees on it.
 * Keys are [a-z_]+, values are strings, integers below 2^53, booleans, null, lists and objects that are not empty.
 * There are no floats: a reading is a decimal string. An empty PHP array is the empty list.
 */
final class CanonicalJson
{
    private const MAX_INTEGER = 9_007_199_254_740_991;

    private const FLAGS = JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_LINE_TERMINATORS | JSON_THROW_ON_ERROR;

    /**
     * @param  array<mixed>  $content
     *
     * @throws CanonicalException naming the place, when something in $content has no canonical form
     */
    public static function encode(array $content): string
    {
        try {
            return json_encode(self::sorted($content, ''), self::FLAGS);
        } catch (JsonException $e) {
            throw new CanonicalException('Not canonical: '.$e->getMessage(), 'content', '', 'JSON', $e);
        }
    }

    /**
     * @return array<mixed>
     *
     * @throws CanonicalException when $bytes are not the canonical spelling of their content
     */
    public static function decode(string $bytes): array
    {
        $content = self::decodeKnown($bytes);
        if (self::encode($content) !== $bytes) {
            throw new CanonicalException('The bytes are not the canonical spelling of their content.', 'bytes', '', 'their canonical spelling');
        }

        return $content;
    }

    /**
     * Of bytes whose hash is known to be that of what encode() once wrote: that they are canonical need not be looked at.
     *
     * @return array<mixed>
     *
     * @throws CanonicalException when $bytes are no JSON
     */
    public static function decodeKnown(string $bytes): array
    {
        try {
            $content = json_decode($bytes, true, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $e) {
            throw new CanonicalException('Not JSON: '.$e->getMessage(), 'bytes', '', 'JSON', $e);
        }

        return is_array($content) ? $content : throw new CanonicalException('The bytes hold no object and no list.', 'bytes', $bytes, 'an object or a list');
    }

    private static function sorted(mixed $value, string $at): mixed
    {
        if (! is_array($value)) {
            return self::scalar($value, $at);
        }
        if (array_is_list($value)) {
            return array_map(fn (mixed $item, int $i): mixed => self::sorted($item, "$at/$i"), $value, array_keys($value));
        }
        ksort($value, SORT_STRING);
        foreach ($value as $key => $item) {
            if (preg_match('/^[a-z_]+$/D', (string) $key) !== 1) {
                throw new CanonicalException(sprintf('Not canonical: the key "%s" at %s is not made of a–z and _.', $key, $at === '' ? '/' : $at), $at === '' ? '/' : $at, (string) $key, 'a key of a–z and _');
            }
            $value[$key] = self::sorted($item, "$at/$key");
        }

        return $value;
    }

    private static function scalar(mixed $value, string $at): string|int|bool|null
    {
        if (is_int($value) && abs($value) > self::MAX_INTEGER) {
            throw new CanonicalException(sprintf('Not canonical: the integer at %s is not below 2^53.', $at), $at, (string) $value, 'below 2^53');
        }
        if (is_string($value) || is_int($value) || is_bool($value) || $value === null) {
            return $value;
        }

        throw new CanonicalException(sprintf('Not canonical: %s at %s; write it as a decimal string.', get_debug_type($value), $at), $at, get_debug_type($value), 'a decimal string');
    }
}
