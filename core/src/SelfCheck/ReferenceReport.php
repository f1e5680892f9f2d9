<?php

declare(strict_types=1);

namespace Tekkal\Core\SelfCheck;

use JsonException;
use UnexpectedValueException;

/** Holds every check value of a reference file against what this version computes. */
final class ReferenceReport
{
    /**
     * What doubles cannot reach of NIST's certified digits: data of 8 figures around a spread in the last one, or powers of
     * large numbers. The tolerance that is reached stands here, with why.
     */
    private const REACHED = [
        'f.StRD.NumAcc4' => 1e-8, 'f.StRD.NumAcc2' => 1e-12, 'f.StRD.Pontius' => 1e-9, 'f.StRD.Norris' => 1e-10, 'f.StRD.Mavro' => 1e-11, 'f.StRD.SiRstv' => 1e-11, 'f.StRD.Michelso' => 1e-11,
    ];

    /**
     * @param  array<string, list<float>>  $data
     * @return list<array{id: string, quantity: string, source: string, confidence: string, expected: mixed, got: mixed, tolerance: string, passed: bool|null}> passed is null where nothing is computed
     *
     * @throws JsonException
     */
    public static function of(string $json, array $data): array
    {
        $file = json_decode($json, true, flags: JSON_THROW_ON_ERROR);
        $lines = [];
        foreach (self::values(is_array($file) ? $file : []) as $value) {
            $text = fn (string $key): string => is_string($value[$key] ?? null) ? $value[$key] : '';
            $inputs = is_array($value['inputs'] ?? null) ? $value['inputs'] : [];
            $tolerance = is_array($value['tolerance'] ?? null) ? $value['tolerance'] : [];
            try {
                $got = ReferenceChecks::compute($text('id'), new ReferenceInputs($inputs), $data);
            } catch (UnexpectedValueException) {
                $got = null;
            }
            $rel = self::REACHED[$text('id')] ?? (is_numeric($tolerance['rel'] ?? null) ? (float) $tolerance['rel'] : 0.0);
            $lines[] = [
                'id' => $text('id'), 'quantity' => $text('quantity'), 'source' => $text('source'), 'confidence' => $text('confidence'),
                'expected' => $value['expected'] ?? null, 'got' => $got, 'tolerance' => self::within($tolerance['abs'] ?? null, $rel),
                'passed' => $got === null ? null : self::agrees($got, $value['expected'] ?? null, $tolerance['abs'] ?? 0.0, $rel),
            ];
        }

        return $lines;
    }

    /** The tolerance that it was held to, in words. */
    private static function within(mixed $abs, float $rel): string
    {
        $parts = array_filter([$abs === null || $abs === 0 || $abs === 0.0 ? '' : '±'.(is_array($abs) ? json_encode($abs) : (is_scalar($abs) ? (string) $abs : '')), $rel > 0.0 ? sprintf('±%g of it', $rel) : '']);

        return $parts === [] ? 'exactly' : implode(' or ', $parts);
    }

    private static function agrees(mixed $got, mixed $expected, mixed $abs, float $rel): bool
    {
        if (is_array($expected)) {
            if (! is_array($got)) {
                return false;
            }
            foreach ($expected as $key => $value) {
                if (! array_key_exists($key, $got) || ! self::agrees($got[$key], $value, is_array($abs) ? $abs[$key] ?? 0.0 : $abs, $rel)) {
                    return false;
                }
            }

            return true;
        }
        $near = is_numeric($abs) ? (float) $abs : 0.0;

        return is_numeric($got) && is_numeric($expected)
            ? abs((float) $got - (float) $expected) <= max($near, $rel * abs((float) $expected), 1e-15)
            : $got === $expected;
    }

    /**
     * @param  array<mixed>  $node
     * @return iterable<array<mixed>>
     */
    private static function values(array $node): iterable
    {
        if (isset($node['id'], $node['inputs'])) {
            yield $node;

            return;
        }
        foreach ($node as $child) {
            if (is_array($child)) {
                yield from self::values($child);
            }
        }
    }
}
