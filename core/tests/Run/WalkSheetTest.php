<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Run\WalkSheet;
use Tekkal\Core\Tests\Fixtures\RunDriver;

final class WalkSheetTest extends TestCase
{
    public function test_the_sheet_holds_the_remaining_steps_in_order_with_exact_limits(): void
    {
        $run = RunDriver::begun();
        $run->read('snug:i1:1', '15', 'lbf.ft');
        $sheet = WalkSheet::of($run->fold->freeze());

        self::assertCount(15, $sheet);
        self::assertSame('snug:i2:1', $sheet[0]['step']);
        // 13.5 lbf·ft × 1.3558179483314004 N·m per lbf·ft (NIST SP 811), every digit.
        self::assertTrue(BigDecimal::of($sheet[0]['low'])->isEqualTo('18.3035423024739054'));
    }

    /** The same file is read by the front end's tests: both must come to every verdict in it. */
    public function test_the_vectors_are_those_that_the_core_writes_today(): void
    {
        $file = (string) file_get_contents(__DIR__.'/../../reference/straight-path-vectors.json');

        self::assertSame($file, shell_exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/../../bin/door.php').' vectors'));
    }

    /** An independent computation: reading × factor against the limits, without the core's own types. */
    public function test_every_verdict_in_the_vectors_follows_from_plain_multiplication(): void
    {
        $vectors = json_decode((string) file_get_contents(__DIR__.'/../../reference/straight-path-vectors.json'), true, flags: JSON_THROW_ON_ERROR);
        $checked = 0;
        foreach ($vectors as $vector) {
            $factors = array_column($vector['units'], 'factor', 'code');
            foreach ($vector['cases'] as $case) {
                $value = bcmul($case['digits'], $factors[$case['unit']], 40);
                $expected = bccomp($value, $vector['low'], 40) < 0 ? 'low' : (bccomp($value, $vector['high'], 40) > 0 ? 'high' : 'in');
                self::assertSame($expected, $case['verdict'], $case['digits'].' '.$case['unit']);
                $checked++;
            }
        }
        self::assertGreaterThan(500, $checked);
    }
}
