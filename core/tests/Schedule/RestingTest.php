<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use PHPUnit\Framework\TestCase;
use Tekkal\Core\Schedule\Resting;
use Tekkal\Core\Schedule\ScheduleException;

/** Facts of the trade (common practice, no source): to get at main caps the rods come off, and to get at these the head; the flywheel hangs on the crank's end and stays. */
final class RestingTest extends TestCase
{
    private const ORDER = ['mains', 'rods', 'head', 'rockers', 'flywheel'];

    private const ON = ['rods' => ['mains'], 'head' => ['rods'], 'rockers' => ['head']];

    public function test_whoever_opens_a_joint_has_opened_all_that_rests_on_it(): void
    {
        $resting = Resting::of(self::ORDER, self::ON);

        self::assertSame(['mains', 'rods', 'head', 'rockers'], $resting->openedWith(['mains']));
        self::assertSame(['head', 'rockers'], $resting->openedWith(['head']));
        self::assertSame(['flywheel'], $resting->openedWith(['flywheel']));
        self::assertSame([], $resting->openedWith([]));
        self::assertSame(['head'], $resting->beneath('rockers'));
        self::assertSame([], $resting->beneath('mains'));
    }

    /** A head with its rockers on, a short block with its rods in: facts of the trade (common practice, no source). */
    public function test_what_is_carried_in_a_subassembly_comes_off_with_it_as_it_is(): void
    {
        $resting = Resting::of(self::ORDER, self::ON);

        self::assertSame(['head'], $resting->openedWith(['head'], ['rockers' => 'Head']), 'lifted off with its rockers on');
        self::assertSame(['mains', 'rods', 'head'], $resting->openedWith(['mains'], ['mains' => 'Block', 'rods' => 'Block', 'rockers' => 'Head']), 'rods are of the same block, and come apart with its mains');
        self::assertSame(['rods', 'head', 'rockers'], $resting->openedWith(['rods'], ['mains' => 'Block', 'rods' => 'Block']), 'what no subassembly carries comes apart as ever');
        self::assertSame(['rockers'], $resting->openedWith(['rockers'], ['rockers' => 'Head']));
        self::assertSame(['mains'], $resting->openedWith(['mains'], ['rods' => 'Rod set']), 'a rod set that was fitted comes out as a whole');
    }

    public function test_it_does_not_matter_in_which_order_it_was_said(): void
    {
        self::assertEqualsCanonicalizing(['mains', 'rods', 'head', 'rockers'], Resting::of(self::ORDER, array_reverse(self::ON))->openedWith(['mains']));
    }

    public function test_a_joint_rests_on_nothing_that_is_put_together_after_it_nor_on_itself_nor_on_what_is_not_there(): void
    {
        foreach ([['mains' => ['head']], ['rods' => ['rods']], ['rods' => ['sump']], ['sump' => ['mains']]] as $on) {
            try {
                Resting::of(self::ORDER, $on);
                self::fail('It was taken.');
            } catch (ScheduleException $e) {
                self::assertNotSame('', $e->what);
            }
        }
    }
}
