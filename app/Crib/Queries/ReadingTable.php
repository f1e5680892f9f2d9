<?php

declare(strict_types=1);

namespace App\Crib\Queries;

use App\Shared\Refused;
use JsonException;
use Tekkal\Core\Document\Csv;
use Tekkal\Core\Tool\PointReadings;

/** Readings out of a file: of a calibration (CSV or JSON), or of a gauge study (CSV). What they are worth the core says. */
final class ReadingTable
{
    private const CALIBRATION = ['pass', 'point', 'reading'];

    private const STUDY = ['appraiser', 'part', 'trial', 'reading'];

    private const PASSES = ['as found' => 'as_found', 'as_found' => 'as_found', 'found' => 'as_found', 'as left' => 'as_left', 'as_left' => 'as_left', 'left' => 'as_left'];

    /** @return array{as_found: list<array{nominal: string, direction: string, readings: list<string>}>, as_left: list<array{nominal: string, direction: string, readings: list<string>}>} */
    public static function calibration(string $text): array
    {
        $passes = ['as_found' => [], 'as_left' => []];
        $text = TableText::of($text, 'text');
        $rows = str_starts_with(ltrim($text), '{') ? self::json($text) : self::rows($text, self::CALIBRATION, ['unit', 'direction']);
        foreach ($rows as $row) {
            $pass = self::PASSES[strtolower($row['pass'])] ?? throw Refused::field('text', "\"{$row['pass']}\" is no pass of a calibration; as found or as left is wanted.", $row['pass']);
            $unit = ($row['unit'] ?? '') === '' ? '' : ' '.$row['unit'];
            $direction = ($row['direction'] ?? '') === '' ? PointReadings::CLOCKWISE : strtolower($row['direction']);
            if (! in_array($direction, PointReadings::DIRECTIONS, true)) {
                throw Refused::field('text', sprintf('"%s" is no direction; %s is wanted.', $row['direction'] ?? '', implode(' or ', PointReadings::DIRECTIONS)), $row['direction'] ?? '');
            }
            $point = &$passes[$pass]["{$row['point']} $direction"];
            $point ??= ['nominal' => $row['point'], 'direction' => $direction, 'readings' => []];
            $point['readings'][] = $row['reading'].$unit;
            unset($point);
        }

        return array_map(array_values(...), $passes);
    }

    /** @return list<list<list<float>>> by appraiser, trial and part */
    public static function study(string $text): array
    {
        $cells = [];
        foreach (self::rows(TableText::of($text, 'text'), self::STUDY, []) as $row) {
            if (preg_match('/^-?\d{1,9}(\.\d{1,9})?$/D', $row['reading']) !== 1) {
                throw Refused::field('text', sprintf('"%s" of appraiser %s at part %s is no number; a decimal has a point.', $row['reading'], $row['appraiser'], $row['part']), $row['reading']);
            }
            if (isset($cells[$row['appraiser']][$row['trial']][$row['part']])) {
                throw Refused::field('text', "Appraiser {$row['appraiser']} has read part {$row['part']} in trial {$row['trial']} twice.", $row['part']);
            }
            $cells[$row['appraiser']][$row['trial']][$row['part']] = (float) $row['reading'];
        }

        return array_values(array_map(fn (array $trials): array => array_values(array_map(function (array $parts): array {
            ksort($parts, SORT_NATURAL);

            return array_values($parts);
        }, $trials)), $cells));
    }

    /**
     * @param  list<string>  $wanted
     * @param  list<string>  $more  columns that there may be
     * @return list<array<string, string>>
     */
    private static function rows(string $text, array $wanted, array $more): array
    {
        $rows = Csv::rows($text);
        $head = array_map(fn (string $c): string => strtolower(trim($c)), array_shift($rows) ?? []);
        $missing = array_values(array_diff($wanted, $head));
        $odd = array_values(array_diff($head, $wanted, $more));
        if ($missing !== [] || $odd !== [] || count($head) !== count(array_unique($head))) {
            throw Refused::field('text', sprintf('The head of the table is %s%s; this one has "%s".', implode(', ', $wanted), $more === [] ? '' : ', and '.implode(' and ', $more).' where it is said', implode(', ', $head)), $missing[0] ?? $odd[0] ?? '');
        }
        $read = [];
        foreach ($rows as $cells) {
            if (count($cells) !== count($head)) {
                throw Refused::field('text', sprintf('A row has %d cells and the head %d; a decimal has a point, not a comma.', count($cells), count($head)), implode(',', $cells));
            }
            $read[] = array_map(trim(...), array_combine($head, $cells));
        }

        return $read === [] ? throw Refused::field('text', 'Below its head the table has no row.', '') : $read;
    }

    private static function said(mixed $of, string $field): string
    {
        $said = data_get($of, $field);

        return is_string($said) ? $said : '';
    }

    /** @return list<array<string, string>> {"as_found": [{"point": "20", "readings": ["20.1"]}], …} as rows */
    private static function json(string $text): array
    {
        try {
            $data = json_decode($text, true, 8, JSON_THROW_ON_ERROR | JSON_BIGINT_AS_STRING);
        } catch (JsonException) {
            throw Refused::field('text', 'The file begins like JSON and is none.', '');
        }
        $rows = [];
        foreach (['as_found', 'as_left'] as $pass) {
            foreach ((array) ($data[$pass] ?? []) as $point) {
                foreach ((array) data_get($point, 'readings') as $reading) {
                    $said = data_get($point, 'point');
                    $rows[] = ['pass' => $pass, 'point' => is_scalar($said) ? (string) $said : '', 'reading' => is_scalar($reading) ? (string) $reading : '', 'unit' => self::said($data, 'unit'), 'direction' => self::said($point, 'direction')];
                }
            }
        }

        return $rows === [] ? throw Refused::field('text', 'The file has neither "as_found" nor "as_left" with a point and its readings.', '') : $rows;
    }
}
