<?php

declare(strict_types=1);

namespace App\Library\Queries;

use Tekkal\Core\Joint\JointData;

/** Values that a standard or handbook prints for a thread and class, to hold an estimate against; from the check values. */
final class PublishedValues
{
    /** @return list<array{quantity: string, value: string, source: string, confidence: string}> */
    public static function near(JointData $joint): array
    {
        $thread = $joint->thread;
        if ($thread === null) {
            return [];
        }
        $found = [];
        foreach (self::all() as $entry) {
            $inputs = (array) ($entry['inputs'] ?? []);
            $sameThread = abs((float) ($inputs['d_mm'] ?? 0) - $thread->d) < 1e-6 && (! isset($inputs['P_mm']) || abs((float) $inputs['P_mm'] - $thread->pitch) < 1e-6);
            $sameClass = ! isset($inputs['cls']) || ($joint->strength !== null && (string) $inputs['cls'] === $joint->strength->name);
            if ($sameThread && $sameClass) {
                $found[] = ['quantity' => $entry['quantity'], 'value' => self::words($entry), 'source' => $entry['source'], 'confidence' => $entry['confidence']];
            }
        }

        return array_slice($found, 0, 8);
    }

    /** @return list<array<string, mixed>> */
    private static function all(): array
    {
        $file = json_decode((string) file_get_contents(base_path('core/reference/values.json')), true);
        $entries = [];
        $collect = function (mixed $node) use (&$collect, &$entries): void {
            if (is_array($node) && isset($node['id'], $node['quantity'], $node['expected'])) {
                $entries[] = $node;
            } elseif (is_array($node)) {
                array_map($collect, $node);
            }
        };
        $collect($file);

        return $entries;
    }

    /** @param  array<string, mixed>  $entry */
    private static function words(array $entry): string
    {
        $expected = is_array($entry['expected']) ? implode(' / ', array_map(fn (mixed $v): string => is_scalar($v) ? (string) $v : '', $entry['expected'])) : (is_scalar($entry['expected']) ? (string) $entry['expected'] : '');

        return trim($expected.' '.(is_string($entry['unit'] ?? null) ? $entry['unit'] : ''));
    }
}
