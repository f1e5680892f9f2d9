<?php

declare(strict_types=1);

namespace Tekkal\Core\Document;

/** Finds things that wait for each other. */
final class WaitCycles
{
    /**
     * @param  array<string, list<string>>  $waitsFor  by key; names that are no key are passed over
     * @return list<list<string>> each cycle once, its first key repeated at its end
     */
    public static function in(array $waitsFor): array
    {
        $cycles = $done = [];
        foreach (array_keys($waitsFor) as $start) {
            $path = [];
            self::follow((string) $start, $waitsFor, $path, $done, $cycles);
        }

        return $cycles;
    }

    /**
     * @param  array<string, list<string>>  $waitsFor
     * @param  list<string>  $path
     * @param  array<string, true>  $done
     * @param  list<list<string>>  $cycles
     */
    private static function follow(string $key, array $waitsFor, array $path, array &$done, array &$cycles): void
    {
        $seen = array_search($key, $path, true);
        if ($seen !== false) {
            $cycles[] = [...array_slice($path, $seen), $key];

            return;
        }
        if (isset($done[$key])) {
            return;
        }
        foreach ($waitsFor[$key] ?? [] as $next) {
            self::follow($next, $waitsFor, [...$path, $key], $done, $cycles);
        }
        $done[$key] = true;
    }
}
