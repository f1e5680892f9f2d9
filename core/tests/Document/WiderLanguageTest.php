<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Document;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\Window;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\InvalidDocument;
use Tekkal\Core\Document\LineReader;
use Tekkal\Core\Document\Problem;
use Tekkal\Core\Document\Revision;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Plan\PlanReader;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tool\Adapter;
use Tekkal\Core\Unit\LengthUnit;
use Tekkal\Core\Unit\TorqueUnit;
use Tekkal\Core\Unit\Written;

/** What practitioners do beside the pulling, said in a document (common practice, no source, unless said otherwise). */
final class WiderLanguageTest extends TestCase
{
    private const RODS = '22-rods-stamped-and-traced';

    private const PUMP = '23-pump-by-crow-foot';

    private const STUDS = '24-studs-first-by-stretch';

    /** @param  array<string, mixed>  $changes  by path */
    #[DataProvider('refused')]
    public function test_what_makes_no_sense_is_refused_at_its_place_with_what_is_wanted(string $example, array $changes, string $pointer, string $wanted): void
    {
        try {
            self::read($example, $changes);
            self::fail('It was read.');
        } catch (InvalidDocument $e) {
            $found = array_values(array_filter($e->problems, fn (Problem $p): bool => $p->pointer === $pointer && str_contains($p->wanted, $wanted)));
            self::assertCount(1, $found, implode("\n", array_map(fn (Problem $p): string => "$p->pointer: $p->wanted", $e->problems)));
        }
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> */
    public static function refused(): iterable
    {
        yield 'an aid that the document does not have' => [self::RODS, ['stages.4.reaction' => 'x', 'stages.3.stages.0.fit' => ['wedge']], '/stages/3/stages/0/fit/0', 'the key of an aid'];
        yield 'an aid in and out before one round' => [self::RODS, ['stages.3.stages.2.fit' => ['bar']], '/stages/3/stages/2/remove', 'not both'];
        yield 'two aids with one number' => [self::RODS, ['aids.1' => ['key' => 'pin', 'number' => '3', 'name' => 'the pin', 'kind' => 'pin']], '/aids/1/number', 'no other aid has'];
        yield 'a kind of aid that nobody knows' => [self::RODS, ['aids.0.kind' => 'rag'], '/aids/0/kind', 'one of pin, lock'];
        yield 'no pieces' => [self::PUMP, ['aids.0.pieces' => 0], '/aids/0/pieces', 'from 1 to 99'];
        yield 'a stop without beginning and end' => [self::RODS, ['turn_stops.0.until' => null], '/turn_stops/0/until', 'a round or check that ends it'];
        yield 'a stop that no round ends' => [self::RODS, ['turn_stops.0.until' => 'nowhere'], '/turn_stops/0/until', 'one of rods_read'];
        yield 'an adapter without the wrench' => [self::PUMP, ['adapters.0.wrench' => null], '/adapters/0/wrench', 'wanted together'];
        yield 'an adapter without what it adds' => [self::PUMP, ['adapters.0.adds' => null], '/adapters/0/adds', 'wanted together'];
        yield 'a wrench of no length' => [self::PUMP, ['adapters.0.wrench' => '0 mm'], '/adapters/0/wrench', 'above zero'];
        yield 'a position that demands what is not there' => [self::PUMP, ['map.positions.2.adapter' => 'hook'], '/map/positions/2/adapter', 'one of crow'];
        yield 'a stroke after no round' => [self::PUMP, ['marks.strokes.0.after' => 'seventh', 'marks.strokes.1.crosses' => 'seventh'], '/marks', 'which is no stage'];
        yield 'a stroke across one that comes later' => [self::PUMP, ['marks.strokes.0.crosses' => 'full'], '/marks/strokes/0/crosses', 'nothing'];
        yield 'two strokes after one round' => [self::PUMP, ['marks.strokes.1.after' => 'half'], '/marks/strokes/1/after', 'one stroke for each round'];
        yield 'nothing at a time' => [self::PUMP, ['stages.0.at_a_time' => '0°'], '/stages/0/at_a_time', 'above zero'];
        yield 'torque alone without its torque' => [self::STUDS, ['stages.1.then_by_torque.low' => null, 'stages.1.then_by_torque.high' => null], '/stages/1/then_by_torque/low', 'the torque for those after them'];
        yield 'torque alone on nobody’s word' => [self::STUDS, ['stages.1.then_by_torque.source' => 'hearsay'], '/stages/1/then_by_torque', 'the key of a source'];
        yield 'torque alone after none' => [self::STUDS, ['stages.1.then_by_torque.first' => 0], '/stages/1/then_by_torque/first', 'from 1 to 99'];
        yield 'an angle counted from nowhere at one of its targets' => [self::STUDS, ['stages.3.targets.1.threshold' => null], '/stages/3/threshold', 'from which it is counted'];
        yield 'a threshold in degrees' => [self::STUDS, ['stages.3.targets.0.threshold' => '30°'], '/stages/3/targets/0/threshold', 'a unit of torque is wanted'];
        yield 'a threshold where nothing is turned' => [self::STUDS, ['stages.2.targets.0.threshold' => '3 N·m'], '/stages/2/targets/0/threshold', 'no field of this name'];
        yield 'a shop limit wider than the maker’s' => [self::RODS, ['checks.5.shop_high' => '0.35 mm'], '/checks/5/shop_high', 'inside 0.08–0.30'];
        yield 'a shop limit of another kind' => [self::RODS, ['checks.5.shop_low' => '3 N·m'], '/checks/5/shop_low', 'a unit of length is wanted'];
        yield 'a partner that nobody reads' => [self::RODS, ['checks.1.matches' => 'shell'], '/checks/1/matches', 'one of rod_stamp'];
        yield 'a way back that nobody knows' => [self::RODS, ['checks.3.way_back' => 'all'], '/checks/3/way_back', 'one of last_part, last_group, last_leg'];
        yield 'a picture that is no picture' => [self::RODS, ['checks.3.pictures' => [['file' => 'cap.png', 'shows' => 'right', 'says' => 'so']]], '/checks/3/pictures/0/file', 'SHA-256'];
        yield 'a picture that shows neither' => [self::RODS, ['fasteners.0.pictures' => [['file' => str_repeat('0', 64), 'shows' => 'maybe', 'says' => 'so']]], '/fasteners/0/pictures/0/shows', 'one of right, wrong'];
        yield 'a thread that takes nothing' => [self::PUMP, ['fasteners.0.thread_cycles' => 0], '/fasteners/0/thread_cycles', 'from 1 to 999'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('neverMeant')]
    public function test_what_can_never_be_meant_bars_the_signature(string $example, array $changes, string $says): void
    {
        self::assertContains($says, self::read($example, $changes)->whyNotApprovable());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function neverMeant(): iterable
    {
        yield 'an aid that stays in' => [self::PUMP, ['stages.3.remove' => []], 'Aid 7 (the port plugs) goes in before round 1, and no round says that it comes out.'];
        yield 'a shaft turned with the bar in' => [self::RODS, ['stages.3.stages.2.remove' => []], 'Round 6 (crank turns freely) turns the shaft, and aid 3 (the blocking bar at the flange) is in.'];
        yield 'a shaft turned before it may' => [self::RODS, ['turn_stops.0.until' => 'play'], 'Round 6 (crank turns freely) turns the shaft, and the thrust halves are not aligned.'];
        yield 'a stop that the turning itself would end' => [self::RODS, ['turn_stops.0.until' => 'turns'], 'Round 6 (crank turns freely) turns the shaft, and the thrust halves are not aligned.'];
        yield 'a stop that nothing ends' => [self::RODS, ['turn_stops.0.until' => null, 'turn_stops.0.from' => 'align'], 'Round 7 (crank by hand) turns the shaft, and the thrust halves are not aligned.'];
    }

    public function test_an_aid_may_stay_where_it_says_so_and_a_round_that_asks_for_it_may_turn_the_shaft_with_it(): void
    {
        self::assertSame([], self::read(self::PUMP, ['stages.3.remove' => [], 'aids.0.stays' => true])->whyNotApprovable());
        self::assertSame([], self::read(self::RODS, ['stages.3.stages.2.remove' => [], 'stages.3.stages.2.fit' => ['bar'], 'stages.4.remove' => ['bar']])->whyNotApprovable());
    }

    public function test_a_threshold_of_a_target_may_be_missing_and_then_blocks_the_signature(): void
    {
        self::assertSame(['/stages/3/targets/1/threshold: value missing (ask the maker)'], array_map(fn (string $s): string => rtrim($s, '.'), self::read(self::STUDS, ['stages.3.targets.1.threshold' => ['missing' => 'ask the maker']])->whyNotApprovable()));
    }

    public function test_the_line_says_what_stands_beside_each_round(): void
    {
        [$pump, $studs] = [self::read(self::PUMP)->tighteningLine(), self::read(self::STUDS)->tighteningLine()];

        self::assertSame("seat, 1/4\u{A0}turn at a time until all are in contact · 20\u{A0}N·m · 40\u{A0}N·m", $pump->typeset());
        self::assertStringContainsString('before it aid 7 (the port plugs) goes in', $pump->long()[0]);
        self::assertStringContainsString('with the 17 mm crow-foot at nos. 3, 4, the reaction is taken by the hand; no bar on a neighbour, then a white line on the head, across the yellow line, looked at by a second person', $pump->long()[2]);
        self::assertStringContainsString("counted from 30\u{A0}N·m long and 20\u{A0}N·m short", $studs->long()[3]);
        self::assertStringContainsString("after 2 measured and good ones the others by torque alone, 62–68\u{A0}N·m", $studs->long()[1]);
    }

    public function test_aids_adapters_and_what_keeps_the_shaft_are_sentences(): void
    {
        self::assertSame(['Aid 3 (the blocking bar at the flange): while it is in, the shaft is not turned.', 'The shaft is not turned until “thrust halves aligned”: the thrust halves are not aligned.'], self::read(self::RODS)->tighteningLine()->rigging());
        self::assertSame(['Aid 7 (the port plugs), 2 pieces.', "The 17 mm crow-foot adds 50\u{A0}mm to a wrench of 400\u{A0}mm."], self::read(self::PUMP)->tighteningLine()->rigging());
        self::assertSame('The shaft is not turned from “thrust halves aligned” on: the thrust halves are not aligned.', str_replace('check: ', '', self::read(self::RODS, ['turn_stops.0.until' => null, 'turn_stops.0.from' => 'align'])->tighteningLine()->rigging()[1]));
    }

    public function test_a_check_says_to_what_it_is_held_and_what_it_takes(): void
    {
        $line = self::read(self::RODS, ['checks.0.expected' => 'K7'])->tighteningLine();
        $of = fn (int $round): string => implode(', ', $line->beside(self::read(self::RODS, ['checks.0.expected' => 'K7'])->stages()[$round]));

        self::assertSame(['it must read “K7”', 'it must read as “stamp on the rod”', ''], [$of(0), $of(1), $of(2)]);
        self::assertSame('the shaft is turned for it, where it fails, the part that was tightened last is loosened first, before it aid 3 (the blocking bar at the flange) comes out', $of(5));
        self::assertSame(['good is as before, the shaft is turned for it', "good is 0.08–0.30\u{A0}mm; in this shop 0.10–0.25\u{A0}mm, between them the lead decides"], [$of(6), $of(7)]);
    }

    public function test_in_risk_class_a_it_is_said_that_nobody_looks_a_second_time(): void
    {
        self::assertSame([], self::read(self::PUMP)->tighteningLine()->evidence());
        self::assertSame(['Risk class A, and no round is looked at by a second person.'], self::read(self::PUMP, ['stages.2.second_look' => false])->tighteningLine()->evidence());
        self::assertSame([], self::read(self::PUMP, ['stages.2.second_look' => false, 'risk_class' => 'B'])->tighteningLine()->evidence());
    }

    public function test_a_plan_carries_all_of_it_and_reads_it_back_byte_for_byte(): void
    {
        foreach ([self::RODS, self::PUMP, self::STUDS] as $example) {
            $plan = Expander::expand(self::read($example));
            self::assertSame($plan->bytes(), PlanReader::fromBytes($plan->bytes())->bytes());
        }
        self::assertSame(['30 N·m', '20 N·m', '20 N·m'], array_map(fn ($s): string => str_replace("\u{A0}", ' ', (string) $s->threshold()?->typeset()), array_slice($plan->steps, -3)));
    }

    public function test_a_line_whose_groups_stand_at_two_torques_counts_the_angle_of_each_from_its_own(): void
    {
        $read = LineReader::read('30 N·m long / 20 N·m short · +60° long / +45° short', ['long' => 'long', 'short' => 'short']);
        $turn = is_array($read['stages'][1] ?? null) ? $read['stages'][1] : [];

        self::assertSame(['30 N·m', '20 N·m'], array_column((array) ($turn['targets'] ?? []), 'threshold'));
        self::assertArrayNotHasKey('threshold', $turn);
    }

    public function test_a_line_says_how_much_at_a_time(): void
    {
        $read = LineReader::read('seat, 1/4 turn at a time until all are in contact · loosen 1 turn at a time', ['all' => 'all'])['stages'];

        self::assertSame([['seat', '1/4 turn'], ['loosen', '1 turn']], array_map(fn (array $s): array => [$s['kind'], $s['at_a_time']], $read));
        $this->expectExceptionMessage('1/4 turn');
        LineReader::read('seat 3 N·m at a time', ['all' => 'all']);
    }

    /** T L/(L + E) (FAA AC 43.13-1B, fig. 7-2), computed apart in floats by the tool room’s own adapter. */
    #[DataProvider('levers')]
    public function test_the_setting_on_a_longer_lever_is_the_one_of_the_tool_room(string $adds, string $wrench, string $torque): void
    {
        $adapter = self::read(self::PUMP, ['adapters.0.adds' => "$adds mm", 'adapters.0.wrench' => "$wrench mm"])->rigging->adapters['crow'];
        $set = (float) $adapter->settingFor(Written::of($torque, TorqueUnit::NewtonMetre))->digits;

        self::assertEqualsWithDelta(Adapter::crowFoot((float) $adds, 0)->setting((float) $torque, (float) $wrench), $set, 0.0005);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function levers(): iterable
    {
        yield '50 on 400' => ['50', '400', '40'];
        yield '38.1 on 279.4' => ['38.1', '279.4', '61.5'];
        yield 'as long as the wrench' => ['250', '250', '100'];
    }

    public function test_limits_on_a_longer_lever_are_rounded_inward_and_an_adapter_without_a_lever_leaves_them(): void
    {
        $window = new Window(Written::of('38.4', TorqueUnit::NewtonMetre), Written::of('41.6', TorqueUnit::NewtonMetre));
        $set = self::read(self::PUMP)->rigging->adapters['crow']->setting($window);
        $same = self::read(self::PUMP, ['adapters.0.adds' => null, 'adapters.0.wrench' => null])->rigging->adapters['crow'];

        // 38.4 × 400/450 = 34.1333…, 41.6 × 400/450 = 36.9777…
        self::assertSame(['34.134', '36.977'], [$set->low?->digits, $set->high?->digits]);
        self::assertSame(['38.4', '41.6', '40'], [$same->setting($window)->low?->digits, $same->setting($window)->high?->digits, $same->settingFor(Written::of('40', TorqueUnit::NewtonMetre))->digits]);
        self::assertSame('20.000', Written::of('40', TorqueUnit::NewtonMetre)->shared(Written::of('1', LengthUnit::Inch), Written::of('50.8', LengthUnit::Millimetre))->digits);
    }

    /** @param  array<string, mixed>  $changes  by path; null takes out */
    private static function read(string $example, array $changes = []): Revision
    {
        $document = Bench::document($example);
        foreach ($changes as $path => $value) {
            self::change($document, explode('.', (string) $path), $value);
        }

        return DocumentReader::read($document);
    }

    /**
     * @param  array<mixed>  $in
     * @param  list<string>  $path
     */
    private static function change(array &$in, array $path, mixed $value): void
    {
        $key = ctype_digit($path[0]) ? (int) $path[0] : $path[0];
        if (count($path) > 1) {
            $inner = is_array($in[$key] ?? null) ? $in[$key] : [];
            self::change($inner, array_slice($path, 1), $value);
            $in[$key] = $inner;
        } elseif ($value === null) {
            unset($in[$key]);
        } else {
            $in[$key] = $value;
        }
    }
}
