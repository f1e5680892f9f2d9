<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;

/** Found wrong: after a pull that took a class away the list of classes still named its file, and no start came through. */
final class ClassMapTest extends TestCase
{
    private string $checkout;

    protected function setUp(): void
    {
        $this->checkout = sys_get_temp_dir().'/tekkal-classes-'.bin2hex(random_bytes(4));
        foreach (['stubs', 'app', 'core/src', 'compat', 'database', 'vendor/composer', 'bin'] as $folder) {
            mkdir("$this->checkout/$folder", 0755, true);
        }
        exec(sprintf('cp -r %s/bin/lib %s/bin/', escapeshellarg(dirname(__DIR__, 2)), escapeshellarg($this->checkout)));
        foreach (['app/One.php', 'app/Other.php', 'vendor/autoload.php'] as $file) {
            touch("$this->checkout/$file");
        }
        file_put_contents("$this->checkout/stubs/composer", "#!/bin/sh\necho \"\$1\" >>calls\n");
        chmod("$this->checkout/stubs/composer", 0755);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->checkout));
    }

    public function test_the_list_of_classes_is_written_anew_when_a_class_goes_or_comes_and_left_alone_else(): void
    {
        self::assertSame(1, $this->calls(), 'at first');
        self::assertSame(1, $this->calls(), 'nothing has changed');
        unlink("$this->checkout/app/Other.php");
        self::assertSame(2, $this->calls(), 'one went');
        touch("$this->checkout/core/src/More.php");
        self::assertSame(3, $this->calls(), 'one came');
        file_put_contents("$this->checkout/app/One.php", '<?php // the same class');
        self::assertSame(3, $this->calls(), 'what stands in it is its own matter');
    }

    /** @return int how often the list was written by now */
    private function calls(): int
    {
        exec(sprintf('cd %s && PATH="$PWD/stubs:$PATH" bash -c %s 2>&1', escapeshellarg($this->checkout), escapeshellarg('set -Eeuo pipefail; . bin/lib/common.sh; . bin/lib/packages.sh; class_map')), $said, $status);
        self::assertSame(0, $status, implode("\n", $said));

        return count(file("$this->checkout/calls") ?: []);
    }
}
