<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;

/** Libraries are the very ones that were pinned: name, version and checksum. */
final class PinnedTest extends TestCase
{
    public function test_what_is_installed_is_what_is_pinned(): void
    {
        self::assertSame([0, ''], $this->compare((string) file_get_contents(self::root().'/composer.versions')));
    }

    public function test_another_version_or_another_checksum_is_refused_by_name(): void
    {
        $pinned = (string) file_get_contents(self::root().'/composer.versions');
        [$status, $said] = $this->compare((string) preg_replace('/^(brick\/math:\S+ )[0-9a-f]{8}/m', '${1}00000000', $pinned));
        self::assertSame(1, $status);
        self::assertStringContainsString('pinned, not installed: brick/math:0.14.0 00000000', $said);

        [$status, $said] = $this->compare((string) preg_replace('/^laravel\/framework:\S+/m', 'laravel/framework:12.0.0', $pinned));
        self::assertSame(1, $status);
        self::assertStringContainsString('pinned, not installed: laravel/framework:12.0.0', $said);
    }

    public function test_a_library_that_nobody_pinned_is_refused_by_name(): void
    {
        [$status, $said] = $this->compare((string) preg_replace('/^psr\/log:.*\n/m', '', (string) file_get_contents(self::root().'/composer.versions')));

        self::assertSame(1, $status);
        self::assertStringContainsString('installed, not pinned: psr/log:', $said);
    }

    public function test_front_end_libraries_are_pinned_to_one_version_each_with_a_checksum_and_no_address(): void
    {
        $wanted = json_decode((string) file_get_contents(self::root().'/package.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($wanted['dependencies'] + $wanted['devDependencies'] as $name => $version) {
            self::assertMatchesRegularExpression('/^\d+\.\d+\.\d+$/', $version, $name);
        }
        $lock = json_decode((string) file_get_contents(self::root().'/package-lock.json'), true, flags: JSON_THROW_ON_ERROR);
        foreach ($lock['packages'] as $name => $package) {
            self::assertArrayNotHasKey('resolved', $package, $name);
            self::assertTrue($name === '' || isset($package['integrity']) || isset($package['inBundle']), $name);
        }
    }

    private static function root(): string
    {
        return dirname(__DIR__, 2);
    }

    /** @return array{int, string} */
    private function compare(string $versions): array
    {
        $copy = sys_get_temp_dir().'/tekkal-pinned-'.bin2hex(random_bytes(4));
        mkdir($copy.'/bin/lib', 0755, true);
        copy(self::root().'/bin/lib/pinned.php', $copy.'/bin/lib/pinned.php');
        symlink(self::root().'/vendor', $copy.'/vendor');
        file_put_contents($copy.'/composer.versions', $versions);
        exec(sprintf('php %s 2>&1', escapeshellarg($copy.'/bin/lib/pinned.php')), $lines, $status);
        exec('rm -rf '.escapeshellarg($copy));

        return [$status, implode("\n", $lines)];
    }
}
