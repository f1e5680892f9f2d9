<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests;

use PHPUnit\Framework\TestCase;

/**
 * What was released once is never changed and never deleted: each golden folder has its manifest, a line for each file.
 * A new file is added with its line (`sha256sum FILE >>MANIFEST`); no line is ever taken out.
 */
final class GoldenTest extends TestCase
{
    private const FOLDERS = [__DIR__.'/Lives/golden', __DIR__.'/Decisions/golden', __DIR__.'/Run/golden/events', __DIR__.'/../../tests/Feature/Ledger/golden2', __DIR__.'/../../tests/Feature/Record/golden'];

    public function test_every_golden_file_is_as_it_was_released_and_none_is_missing_or_unlisted(): void
    {
        foreach (self::FOLDERS as $folder) {
            $listed = [];
            foreach (file("$folder/MANIFEST", FILE_IGNORE_NEW_LINES) ?: [] as $line) {
                [$sum, $file] = explode('  ', $line);
                $listed[$file] = $sum;
            }
            $there = array_map(fn (string $f): string => substr($f, strlen($folder) + 1), array_filter([...glob("$folder/*") ?: [], ...glob("$folder/*/*") ?: []], is_file(...)));
            $there = array_values(array_diff($there, ['MANIFEST']));

            self::assertNotSame([], $there);
            self::assertSame($listed, array_combine(array_keys($listed), array_map(fn (string $f): string => (string) hash_file('sha256', "$folder/$f"), array_keys($listed))));
            self::assertEqualsCanonicalizing(array_keys($listed), $there);
        }
    }
}
