<?php

declare(strict_types=1);

namespace Tests\Command;

use PHPUnit\Framework\TestCase;

/** How a run of the tests ends, tried with checks that hold and checks that do not. */
final class TestCommandTest extends TestCase
{
    public function test_a_run_in_which_a_static_check_failed_names_it_in_its_last_lines_whichever_half_it_stood_in(): void
    {
        [$status, $said] = $this->runOf('checked "PHP style" true; checked "PHPStan" false', 'checked "TypeScript" true; checked "Prettier" false');

        self::assertStringEndsWith("Static checks:\nfailed: PHPStan; Prettier\nSomething failed: look above.\n", $said);
        self::assertSame(1, $status);
    }

    public function test_a_half_that_broke_off_is_not_taken_for_one_that_held(): void
    {
        [$status, $said] = $this->runOf('checked "PHP style" true', 'exit 3');

        self::assertStringEndsWith("Static checks:\nfailed: one half, which did not run to its end\nSomething failed: look above.\n", $said);
        self::assertSame(1, $status);
    }

    public function test_a_run_in_which_every_check_held_says_so(): void
    {
        [$status, $said] = $this->runOf('checked "PHP style" true', 'checked "Prettier" true');

        self::assertStringEndsWith("Static checks:\nall passed\n", $said);
        self::assertSame(0, $status);
    }

    /** @return array{int, string} */
    private function runOf(string $php, string $frontEnd): array
    {
        $library = escapeshellarg(dirname(__DIR__, 2).'/bin/lib');
        $script = <<<BASH
            set -Eeuo pipefail
            . $library/common.sh; . $library/test.sh
            check_php() { $php; }
            check_front_end() { $frontEnd; }
            test_check
            close_tests
            BASH;
        exec('bash -c '.escapeshellarg($script).' 2>/dev/null', $lines, $status);

        return [$status, implode("\n", $lines)."\n"];
    }
}
