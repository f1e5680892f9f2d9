<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Acceptance;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Judgement;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

final class WindowTest extends TestCase
{
    /** @return iterable<string, array{string, string, Verdict}> 62–68 lbf·ft is 84.0607…–92.1956… N·m (NIST SP 811) */
    public static function readings(): iterable
    {
        yield 'the lower limit itself is in' => ['62', 'lbf.ft', Verdict::In];
        yield 'just under the lower limit is low' => ['61.9999999999', 'lbf.ft', Verdict::Low];
        yield 'the upper limit itself is in' => ['68', 'lbf.ft', Verdict::In];
        yield 'just over the upper limit is high' => ['68.0000000001', 'lbf.ft', Verdict::High];
        yield '84 N·m is low' => ['84', 'N.m', Verdict::Low];
        yield '84.1 N·m is in' => ['84.1', 'N.m', Verdict::In];
        yield '92.1 N·m is in' => ['92.1', 'N.m', Verdict::In];
        yield '92.2 N·m is high' => ['92.2', 'N.m', Verdict::High];
        yield '744 lbf·in is exactly 62 lbf·ft' => ['744', 'lbf.in', Verdict::In];
    }

    #[DataProvider('readings')]
    public function test_limits_belong_to_the_window_and_readings_are_compared_unrounded(string $digits, string $unit, Verdict $verdict): void
    {
        self::assertSame($verdict, self::window()->judge(Written::fromCode($digits, $unit)->quantity()));
    }

    /** 62–68 lbf·ft = 84.06–92.20 N·m: rounding outward would accept a bad part, so whole N·m show 85–92 (derived from NIST SP 811). */
    public function test_limits_are_rounded_inward_for_display(): void
    {
        self::assertSame(['low' => '85', 'high' => '92'], self::window()->displayedIn(TorqueUnit::NewtonMetre, 0));
        self::assertSame(['low' => '84.1', 'high' => '92.1'], self::window()->displayedIn(TorqueUnit::NewtonMetre, 1));
    }

    public function test_a_scale_too_coarse_for_the_window_shows_nothing(): void
    {
        $narrow = new Window(Written::fromCode('8.1', 'N.m'), Written::fromCode('8.9', 'N.m'));

        self::assertNull($narrow->displayedIn(TorqueUnit::NewtonMetre, 0));
    }

    public function test_a_reading_of_another_kind_is_not_judged(): void
    {
        $this->expectException(InvalidArgumentException::class);

        self::window()->judge(Written::fromCode('65', 'deg')->quantity());
    }

    public function test_limits_the_wrong_way_round_are_refused(): void
    {
        $this->expectExceptionMessage('lies above');

        new Window(Written::fromCode('68', 'lbf.ft'), Written::fromCode('90', 'N.m'));
    }

    public function test_a_judgement_says_short_and_over_and_names_reading_and_window(): void
    {
        $short = Judgement::ofMeasured(Written::fromCode('61', 'lbf.ft'), self::window());

        self::assertSame("61\u{A0}lbf·ft is short: 62–68\u{A0}lbf·ft is good.", $short->reason);
        self::assertSame(['short', 'over', 'in'], array_map(fn (Verdict $v): string => $v->word(), [$short->verdict, Verdict::High, Verdict::In]));
        self::assertSame(EvidenceGrade::MeasuredValue, $short->evidence);
    }

    private static function window(): Window
    {
        return new Window(Written::fromCode('62', 'lbf.ft'), Written::fromCode('68', 'lbf.ft'));
    }
}
