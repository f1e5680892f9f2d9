<?php

declare(strict_types=1);

/** @return array<string, mixed> the demo's procedure stretched to so many positions and rounds: torque, then a turn, then where wanted a verification pass */
function stretched(int $positions, int $rounds, bool $verified): array
{
    $document = json_decode((string) file_get_contents(__DIR__.'/../../database/seeders/demo/tn3-main-caps.json'), true, flags: JSON_THROW_ON_ERROR);
    $keys = array_map(fn (int $i): string => "p$i", range(1, $positions));
    $document['groups'] = [['key' => 'all'] + $document['groups'][0]];
    $document['map']['positions'] = array_map(fn (string $key, int $i): array => ['key' => $key, 'number' => (string) ($i + 1), 'x' => (string) ($i % 50 * 20), 'y' => (string) (intdiv($i, 50) * 20), 'group' => 'all', 'part' => $document['map']['parts'][0]['key']], $keys, array_keys($keys));
    $target = ['group' => 'all'] + $document['stages'][0]['targets'][0];
    $turn = ['key' => 'turn', 'sequence' => $keys, 'targets' => [['group' => 'all'] + $document['stages'][1]['targets'][0]], 'loading' => true] + $document['stages'][1];
    $verify = ['key' => 'verify', 'kind' => 'verification_pass', 'sequence' => $keys, 'targets' => [$target], 'why' => 'shows what gave'];
    $last = $verified ? [$turn, $verify] : [$turn];
    $document['stages'] = [...array_map(fn (int $r): array => ['key' => 'r'.$r, 'sequence' => $keys, 'targets' => [$target]] + $document['stages'][0], range(1, $rounds - count($last))), ...$last];

    return $document;
}
