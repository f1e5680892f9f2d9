<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Schedule;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Schedule\Method;
use Tekkal\Core\Schedule\Methods;
use Tekkal\Core\Schedule\Qualification;
use Tekkal\Core\Schedule\SkillStanding;
use Tekkal\Core\Tests\Fixtures\Bench;

/** Common practice, no source: who has not learnt a method does not use it alone. */
final class QualificationTest extends TestCase
{
    /** @return iterable<string, array{string, list<Method>}> the examples of the language, and what their rounds are */
    public static function examples(): iterable
    {
        yield 'torque and a turn' => ['01-main-caps-thrust-held-back', [Method::Torque, Method::Angle]];
        yield 'a stretch' => ['08-rod-stretch-absolute', [Method::Stretch]];
        yield 'a part that is held' => ['06-wheels-held', [Method::Torque, Method::Held]];
        yield 'locker with a working time' => ['18-locker-in-time', [Method::Torque, Method::Locker]];
        yield 'a torque that is verified, its threads with locker' => ['05-flywheel-verified', [Method::Torque, Method::Locker]];
        yield 'nothing but torque' => ['13-prevailing-added', [Method::Torque]];
    }

    /** @param  list<Method>  $methods */
    #[DataProvider('examples')]
    public function test_a_procedure_asks_for_the_methods_of_its_rounds(string $example, array $methods): void
    {
        self::assertSame($methods, Methods::of(Expander::expand(DocumentReader::read(Bench::document($example)))));
    }

    public function test_who_is_signed_for_all_of_it_does_it_alone_until_the_last_day(): void
    {
        foreach ([SkillStanding::Signed, SkillStanding::Ending] as $stands) {
            $may = Qualification::of('HG4', [Method::Torque, Method::Angle], ['torque' => SkillStanding::Signed, 'angle' => $stands]);
            self::assertSame([true, false, ''], [$may->isAlone(), $may->isNone(), $may->what()]);
        }
    }

    public function test_who_learns_part_of_it_or_whose_signature_has_ended_works_under_a_supervisor(): void
    {
        $may = Qualification::of('HG4', [Method::Torque, Method::Angle, Method::Stretch], ['torque' => SkillStanding::Signed, 'angle' => SkillStanding::Ended, 'stretch' => SkillStanding::UnderSupervisor]);

        self::assertSame([false, false, 'angle and stretch on HG4'], [$may->isAlone(), $may->isNone(), $may->what()]);
    }

    public function test_of_whom_nothing_stands_does_not_do_it_whatever_else_they_may(): void
    {
        $may = Qualification::of('HG4', [Method::Torque, Method::Stretch], ['torque' => SkillStanding::UnderSupervisor]);

        self::assertSame([false, true, 'stretch on HG4'], [$may->isAlone(), $may->isNone(), $may->what()]);
    }
}
