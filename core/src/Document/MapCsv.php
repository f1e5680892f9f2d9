<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Positions of a map as comma-separated values (RFC 4180): number, x, y, group, part, landmark, key; millimetres. */
final class MapCsv
{
    public const COLUMNS = ['key', 'number', 'x', 'y', 'group', 'part', 'landmark'];

    private const WANTED = ['number', 'x', 'y'];

    /** @param  array<mixed>  $map  of a document */
    public static function write(array $map): string
    {
        $lines = [Csv::line(self::COLUMNS)];
        foreach (is_array($map['positions'] ?? null) ? $map['positions'] : [] as $position) {
            $lines[] = Csv::line(array_map(fn (string $c): string => is_array($position) && is_string($position[$c] ?? null) ? $position[$c] : '', self::COLUMNS));
        }

        return implode("\r\n", $lines)."\r\n";
    }

    /**
     * @param  non-empty-list<string>  $groups  keys; the first is taken where the file says none
     * @param  non-empty-list<string>  $parts  likewise
     * @return list<array<string, string>> positions of a document
     *
     * @throws InvalidDocument with every problem, by line
     */
    public static function read(string $text, array $groups, array $parts): array
    {
        $problems = new Problems;
        $rows = self::rows($text, $problems);
        $head = array_map(fn (string $h): string => strtolower(trim($h)), array_shift($rows) ?? []);
        foreach (array_diff(self::WANTED, $head) as $missing) {
            $problems->add('/line 1', implode(',', $head), "a column \"$missing\" is wanted");
        }
        foreach (array_diff($head, self::COLUMNS) as $strange) {
            $problems->add('/line 1', $strange, 'one of '.implode(', ', self::COLUMNS).' is wanted');
        }
        $problems->throwIfAny();
        $positions = $keys = $numbers = [];
        foreach ($rows as $i => $row) {
            $at = '/line '.($i + 2);
            if (count($row) !== count($head)) {
                $problems->add($at, implode(',', $row), sprintf('%d values are wanted', count($head)));

                continue;
            }
            $value = array_filter(array_map(trim(...), array_combine($head, $row)), fn (string $v): bool => $v !== '');
            $number = $value['number'] ?? '';
            $key = $value['key'] ?? 'p'.(preg_replace('/[^a-z0-9_]/', '_', strtolower($number)) ?? '');
            self::named($problems, $at, $value['number'] ?? '', isset($numbers[$number]), $key, isset($keys[$key]));
            self::placed($problems, $at, $value, ['group' => $groups, 'part' => $parts]);
            $keys[$key] = $numbers[$number] = true;
            $positions[] = array_filter([
                'key' => $key, 'number' => $number, 'x' => $value['x'] ?? '', 'y' => $value['y'] ?? '',
                'group' => $value['group'] ?? $groups[0], 'part' => $value['part'] ?? $parts[0], 'landmark' => $value['landmark'] ?? null,
            ], is_string(...));
        }
        if ($positions === []) {
            $problems->add('/line 2', 'nothing', 'a position is wanted');
        }
        $problems->throwIfAny();

        return $positions;
    }

    /** @return list<list<string>> */
    private static function rows(string $text, Problems $problems): array
    {
        $unreadable = Csv::unreadable($text);
        if ($unreadable !== null) {
            $problems->add('/line 1', 'these bytes', $unreadable);
        }
        $problems->throwIfAny();

        return Csv::rows($text);
    }

    private static function named(Problems $problems, string $at, string $number, bool $numberTaken, string $key, bool $keyTaken): void
    {
        if ($number === '' || $numberTaken) {
            $problems->add("$at/number", $number === '' ? 'nothing' : $number, 'a number that no other position has is wanted');
        }
        if (preg_match('/^[a-z][a-z0-9_]{0,31}$/D', $key) !== 1 || $keyTaken) {
            $problems->add("$at/key", $key, 'a key of a–z, 0–9 and _ is wanted that no other position has');
        }
    }

    /**
     * @param  array<string, string>  $value
     * @param  array<string, list<string>>  $known  the groups and parts that there are
     */
    private static function placed(Problems $problems, string $at, array $value, array $known): void
    {
        foreach (['x', 'y'] as $axis) {
            if (preg_match('/^-?\d{1,5}(\.\d{1,3})?$/D', $value[$axis] ?? '') !== 1) {
                $problems->add("$at/$axis", $value[$axis] ?? 'nothing', 'millimetres are wanted, such as 62.5');
            }
        }
        foreach ($known as $field => $names) {
            if (isset($value[$field]) && ! in_array($value[$field], $names, true)) {
                $problems->add("$at/$field", $value[$field], 'one of '.implode(', ', $names).' is wanted');
            }
        }
    }
}
