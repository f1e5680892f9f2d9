<?php

declare(strict_types=1);

namespace Tekkal\Core\Tests\Run;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tekkal\Core\Acceptance\EvidenceGrade;
use Tekkal\Core\Acceptance\Verdict;
use Tekkal\Core\Document\DocumentReader;
use Tekkal\Core\Document\Fault;
use Tekkal\Core\Plan\Expander;
use Tekkal\Core\Run\Beginning;
use Tekkal\Core\Run\DutyKind;
use Tekkal\Core\Run\Effect\Found;
use Tekkal\Core\Run\Event\EventTypes;
use Tekkal\Core\Run\FindingKind;
use Tekkal\Core\Run\Outcome;
use Tekkal\Core\Run\RunFold;
use Tekkal\Core\Run\SetAsideReason;
use Tekkal\Core\Run\StepStatus;
use Tekkal\Core\Run\Surroundings;
use Tekkal\Core\Tests\Fixtures\Bench;
use Tekkal\Core\Tests\Fixtures\Hand;

/** Stamps, what a hand feels, two limits, a way back; the first measured, a thread that is worn: facts of the trade (common practice, no source). */
final class WiderChecksTest extends TestCase
{
    #[DataProvider('stamps')]
    public function test_what_is_stamped_matches_its_partner_but_for_capitals_and_gaps(string $rod, string $cap, StepStatus $status): void
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        self::assertSame(SetAsideReason::WaitsForOther, $bench->does('identity_read', ['step' => 'caps_read:rod1:1', 'reads' => $cap])->reason, 'the rod first');
        $bench->does('identity_read', ['step' => 'rods_read:rod1:1', 'reads' => $rod]);
        $bench->does('identity_read', ['step' => 'caps_read:rod1:1', 'reads' => $cap]);

        self::assertSame($status, $bench->state()->status('caps_read:rod1:1'));
    }

    /** @return iterable<string, array{string, string, StepStatus}> */
    public static function stamps(): iterable
    {
        yield 'the same' => ['3 K', '3 K', StepStatus::Done];
        yield 'closer together, in small letters' => ['3 K', '3k', StepStatus::Done];
        yield 'another' => ['3', '2', StepStatus::Stopped];
        yield 'no part of it' => ['13', '3', StepStatus::Stopped];
        yield 'a letter that looks like a figure' => ['O7', '07', StepStatus::Stopped];
    }

    public function test_a_stamp_that_does_not_match_is_a_failed_check_and_says_what_was_read(): void
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        $bench->does('identity_read', ['step' => 'rods_read:rod2:1', 'reads' => '2']);
        $bench->does('identity_read', ['step' => 'caps_read:rod2:1', 'reads' => '3']);

        self::assertSame('stamp on the cap: it reads “3”; its partner reads “2”.', $bench->state()->liveAttempt('caps_read:rod2:1')?->judgement->reason);
        self::assertSame([Fault::CheckFailed, ['inspect caps_read:rod2:1']], [$bench->state()->faults[0]->fault, $bench->ways()]);
        $bench->does('inspected', ['at' => 'caps_read:rod2:1', 'work' => 'exchanged']);
        $bench->does('identity_read', ['step' => 'caps_read:rod2:1', 'reads' => '2']);
        self::assertSame([[], StepStatus::Done], [$bench->state()->faults, $bench->state()->status('caps_read:rod2:1')]);
    }

    public function test_it_must_be_what_the_document_expects_and_what_teardown_had_found(): void
    {
        $document = Bench::document('22-rods-stamped-and-traced');
        $document['checks'][0]['expected'] = 'A';
        $plan = Expander::expand(DocumentReader::read($document));
        $begin = EventTypes::read(['type' => 'run_begun', 'id' => 'e1', 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:00:00.000000Z']);
        $read = fn (RunFold $fold, string $as): ?string => ($fold->decide(EventTypes::read(['type' => 'identity_read', 'id' => "e$as", 'step' => 'rods_read:rod1:1', 'reads' => $as, 'person' => 'ann', 'device' => 'bench1', 'taken_at' => '2026-03-02T08:01:00.000000Z']))->judgement()?->reason);
        [$one, $other] = [new RunFold($plan), new RunFold($plan)];
        $one->decide($begin);
        $other->decide($begin, new Surroundings(beginning: new Beginning(stamped: ['rods_read:rod1:1' => 'B'])));

        self::assertSame('stamp on the rod: it reads “B”; it must read “A”.', $read($one, 'B'));
        self::assertSame('stamp on the rod: it reads “A”; teardown had found “B”.', $read($other, 'A'));
    }

    public function test_a_marking_that_no_check_asks_for_is_kept_and_judges_nothing(): void
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        self::assertTrue($bench->does('identity_read', ['step' => 'snug:r1a:1', 'reads' => '10.9'])->isApplied());

        self::assertSame(['10.9', StepStatus::ToDo], [$bench->fold->state->factAt('snug:r1a:1', 'identity'), $bench->state()->status('snug:r1a:1')]);
        self::assertSame(SetAsideReason::WrongAnswer, $bench->answers('rods_read:rod1:1', true)->reason, 'a stamp is read, not confirmed');
    }

    #[DataProvider('feels')]
    public function test_a_hand_says_as_before_tighter_or_a_tight_spot(string $feel, ?StepStatus $status): void
    {
        $bench = self::tight();
        $outcome = $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => $feel]);

        self::assertSame($status, $outcome->isApplied() ? $bench->state()->status('feel:joint:1') : null);
    }

    /** @return iterable<string, array{string, StepStatus|null}> */
    public static function feels(): iterable
    {
        yield 'as before' => ['as before', StepStatus::Done];
        yield 'as the record may write it' => ['as_before', StepStatus::Done];
        yield 'tighter' => ['tighter', StepStatus::Stopped];
        yield 'a tight spot' => ['tight spot', StepStatus::Stopped];
        yield 'no word for it' => ['fine', null];
    }

    #[DataProvider('plays')]
    public function test_between_the_limit_of_the_shop_and_that_of_the_maker_the_lead_decides(string $value, StepStatus $status, ?Fault $fault, bool $lead): void
    {
        $bench = self::tight();
        $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'as before']);
        $bench->reads('play:joint:1', $value);
        $case = $bench->state()->faults[0] ?? null;

        self::assertSame([$status, $fault, $lead], [$bench->state()->status('play:joint:1'), $case?->fault, $case->leadDecides ?? false]);
    }

    /** @return iterable<string, array{string, StepStatus, Fault|null, bool}> limits are inclusive: 0.08–0.30 mm, in the shop 0.10–0.25 mm */
    public static function plays(): iterable
    {
        yield 'inside both' => ['0.20 mm', StepStatus::Done, null, false];
        yield 'at the limit of the shop' => ['0.25 mm', StepStatus::Done, null, false];
        yield 'just beyond it' => ['0.251 mm', StepStatus::Stopped, Fault::CheckBetween, true];
        yield 'at the limit of the maker' => ['0.30 mm', StepStatus::Stopped, Fault::CheckBetween, true];
        yield 'below that of the shop' => ['0.09 mm', StepStatus::Stopped, Fault::CheckBetween, true];
        yield 'beyond both' => ['0.301 mm', StepStatus::Stopped, Fault::CheckFailed, false];
    }

    public function test_the_lead_lets_it_be_or_asks_for_it_again(): void
    {
        $bench = self::tight();
        $bench->does('check_answered', ['step' => 'feel:joint:1', 'feel' => 'as before']);
        $bench->reads('play:joint:1', '0.28 mm');
        self::assertSame(['decide play:joint:1'], $bench->ways());
        self::assertSame(SetAsideReason::NotBackedOff, $bench->reads('play:joint:1', '0.20 mm')->reason, 'it is the lead’s, and not measured until it fits');
        $other = $bench->copy();

        $bench->does('disposed', ['step' => 'play:joint:1', 'disposition' => 'use_as_is'], 'lead');
        self::assertSame(['final_look'], $bench->ways());
        $other->does('disposed', ['step' => 'play:joint:1', 'disposition' => 'rework'], 'lead');
        self::assertSame(['step play:joint:1'], $other->ways());
        $other->reads('play:joint:1', '0.20 mm');
        self::assertSame(['final_look'], $other->ways());
    }

    public function test_a_check_names_its_way_back_the_rod_tightened_last_then_the_one_before(): void
    {
        $bench = self::tight(after: 'rod2');
        $bench->answers('free:rod2:1', false);
        $case = $bench->state()->faults[0];
        self::assertSame([['r2a', 'r2b'], ['free:rod2:1']], [self::sorted($case->positionsFor(DutyKind::Loosen)), $case->positionsFor(DutyKind::Answer)]);
        self::assertSame(SetAsideReason::NotBackedOff, $bench->answers('free:rod2:1', true)->reason, 'first it is loosened');

        $bench->does('loosened', ['positions' => ['r2b', 'r2a']]);
        self::assertSame(['step free:rod2:1'], $bench->ways());
        $bench->answers('free:rod2:1', false);
        self::assertSame(['r1a', 'r1b'], self::sorted($bench->state()->faults[0]->positionsFor(DutyKind::Loosen)), 'it was not the last; the one before');
    }

    public function test_what_was_loosened_when_it_held_was_to_blame_and_the_check_is_asked_again_when_it_is_tight(): void
    {
        $bench = self::tight(after: 'rod2');
        $bench->answers('free:rod2:1', false);
        $bench->does('loosened', ['positions' => ['r2b', 'r2a']]);
        $found = array_values(array_filter($bench->answers('free:rod2:1', true)->effects, fn ($e): bool => $e instanceof Found));

        self::assertSame([FindingKind::HeldOnceLoosened, 'Crank turns freely at rod 2: it held once nos. 3, 4 had been loosened.'], [$found[0]->kind, $found[0]->sentence]);
        self::assertSame([[], StepStatus::ToDo, 'snug:r2a:1'], [$bench->state()->faults, $bench->state()->status('free:rod2:1'), $bench->next()]);
        $hand = new Hand($bench);
        for ($i = 0; $i < 6; $i++) {
            $hand->follow($bench->advice()->nextActions()[0]);
        }
        self::assertSame(['step free:rod2:1'], $bench->ways(), 'bar in, four pulls, bar out');
    }

    public function test_a_check_whose_joint_is_all_loose_is_looked_into(): void
    {
        $bench = self::tight(after: 'rod1');
        $bench->answers('free:rod1:1', false);
        $bench->does('loosened', ['positions' => ['r1b', 'r1a']]);
        $bench->answers('free:rod1:1', false);

        self::assertSame(['inspect free:rod1:1'], $bench->ways());
    }

    public function test_once_the_first_are_measured_and_good_the_others_are_done_by_torque_each_with_its_own_grade(): void
    {
        $bench = self::studs();
        $bench->does('zeroed', ['position' => 'm2l']);
        $bench->reads('load:m2l:1', '0.20 mm');
        self::assertSame(SetAsideReason::WrongQuantity, $bench->reads('load:m2r:1', '65 N·m')->reason, 'the second is measured too');
        $late = $bench->copy();
        self::assertSame(SetAsideReason::WaitsForOther, $late->reads('load:m1l:1', '65 N·m')->reason, 'not before both are');

        $bench->does('zeroed', ['position' => 'm2r']);
        $bench->reads('load:m2r:1', '0.21 mm');
        $bench->reads('load:m1l:1', '65 N·m');
        $bench->reads('load:m1r:1', '69 N·m');
        $stood = fn (string $step): array => [$bench->state()->status($step), $bench->state()->liveAttempt($step)?->judgement->evidence];
        self::assertSame([StepStatus::Done, EvidenceGrade::MeasuredValue], $stood('load:m1l:1'));
        self::assertSame([Verdict::High, Fault::Over], [$bench->state()->liveAttempt('load:m1r:1')?->judgement->verdict, $bench->state()->faults[0]->fault]);
        self::assertSame('65 N.m', $bench->state()->liveAttempt('load:m1l:1')?->given->value?->code(), 'a torque is never called a stretch');
    }

    public function test_one_of_the_first_that_a_lead_lets_be_as_it_is_says_nothing_of_the_others(): void
    {
        $bench = self::studs();
        foreach (['m2l' => '0.20 mm', 'm2r' => '0.24 mm'] as $stud => $stretch) {
            $bench->does('zeroed', ['position' => $stud]);
            $bench->reads("load:$stud:1", $stretch);
        }
        $bench->does('disposed', ['step' => 'load:m2r:1', 'disposition' => 'use_as_is'], 'lead');

        self::assertSame(StepStatus::Done, $bench->state()->status('load:m2r:1'));
        self::assertSame(SetAsideReason::WaitsForOther, $bench->reads('load:m1l:1', '65 N·m')->reason);
    }

    public function test_a_click_counts_for_the_others_only_where_the_rule_takes_it(): void
    {
        foreach (['measured' => StepStatus::Unknown, 'one_by_one' => StepStatus::Done] as $evidence => $status) {
            $bench = self::studs($evidence);
            $bench->does('tool_set', ['tool' => 'W1', 'shows' => '65 N·m']);
            foreach (['m2l', 'm2r'] as $stud) {
                $bench->does('zeroed', ['position' => $stud]);
                self::assertSame(SetAsideReason::WrongAnswer, $bench->does('click_attested', ['step' => "load:$stud:1", 'tool' => 'W1'])->reason);
                $bench->reads("load:$stud:1", '0.20 mm');
            }
            $bench->does('click_attested', ['step' => 'load:m1l:1', 'tool' => 'W1']);
            self::assertSame($status, $bench->state()->status('load:m1l:1'), $evidence);
        }
    }

    public function test_a_thread_takes_so_many_tightenings_and_then_it_is_repaired_and_an_insert_has_its_own(): void
    {
        $bench = new Bench('23-pump-by-crow-foot', fn (array $d): array => array_replace_recursive($d, ['fasteners' => [['thread_cycles' => 1, 'insert_cycles' => 1]], 'stages' => [2 => ['second_look' => false]], 'marks' => ['when' => 'none']]));
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'inlet']);
        $bench->does('aid_fitted', ['aid' => 'plugs', 'at' => 'outlet']);
        $bench->round('draw')->reads('half:p1:1', '20 N·m');
        $bench->reads('full:p1:1', '40 N·m');
        foreach (['thread', 'insert'] as $i => $what) {
            $bench->does('loosened', ['positions' => ['p1']]);
            $bench->round('draw');
            self::assertSame("The $what has had the 1 tightenings that it takes. Repair or renew it at no. 1.", $bench->advice()->nextActions()[0]->sentence);
            $other = $bench->copy();
            $other->reads('half:p1:1', '20 N·m');
            self::assertSame([Fault::ThreadUsedUp, true], [$other->state()->faults[0]->fault, $other->state()->faults[0]->leadDecides], 'pulled all the same, it is not proved');

            $bench->does('thread_repaired', ['position' => 'p1', 'kind' => "insert $i"]);
            $bench->does('repair_accepted', ['position' => 'p1'], 'lead');
            $bench->round('draw');
            $bench->reads('half:p1:1', '20 N·m');
            self::assertSame(StepStatus::Done, $bench->state()->status('half:p1:1'));
            $bench->reads('full:p1:1', '40 N·m');
        }
    }

    public function test_however_long_the_texts_of_a_document_are_what_was_decided_is_read_back(): void
    {
        $long = str_repeat('ä', 2000);
        $bench = new Bench('22-rods-stamped-and-traced', fn (array $d): array => array_replace_recursive($d, [
            'checks' => [['name' => $long, 'expected' => 'A'], ['name' => $long], ['name' => $long], ['name' => $long]], 'turn_stops' => [['why' => $long]], 'stages' => [3 => ['stages' => [['name' => $long], ['name' => $long]]]],
        ]));
        $bench->does('shaft_turned');
        $bench->does('identity_read', ['step' => 'rods_read:rod1:1', 'reads' => 'B']);
        $bench->does('fault_reported', ['fault' => 'part_moved', 'at' => 'rod1']);
        $hand = new Hand($bench);
        for ($i = 0; $i < 80 && $bench->ways() !== ['finish']; $i++) {
            $way = $bench->advice()->nextActions()[0];
            $way->do === 'inspect' ? $bench->does('identity_read', ['step' => $way->at, 'reads' => 'A']) : $hand->follow($way);
        }
        foreach ($bench->history as [, $outcome]) {
            self::assertEquals($outcome->toBody(), Outcome::fromBody($outcome->toBody())->toBody());
        }
    }

    /** Every rod tight, bar out; or as far as the check after one of them. */
    private static function tight(?string $after = null): Bench
    {
        $bench = new Bench('22-rods-stamped-and-traced');
        $hand = new Hand($bench);
        while ($bench->next() !== ($after === null ? 'feel:joint:1' : "free:$after:1") || $bench->ways() !== ['step '.$bench->next()]) {
            $hand->follow($bench->advice()->nextActions()[0]);
        }

        return $bench;
    }

    private static function studs(string $evidence = 'measured'): Bench
    {
        return (new Bench('24-studs-first-by-stretch', fn (array $d): array => array_replace_recursive($d, ['stages' => [1 => ['then_by_torque' => ['evidence' => $evidence]]]])))->round('seat');
    }

    /**
     * @param  list<string>  $places
     * @return list<string>
     */
    private static function sorted(array $places): array
    {
        sort($places);

        return $places;
    }
}
