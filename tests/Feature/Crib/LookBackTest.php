<?php

declare(strict_types=1);

namespace Tests\Feature\Crib;

use App\Ledger\Projectors;
use App\Ledger\Sequencer;
use App\Ledger\Verification\Verifier;
use Illuminate\Support\Facades\DB;
use stdClass;

/** A tool that is found wrong: what it touched, judged again. */
final class LookBackTest extends LookBackTestCase
{
    public function test_results_since_the_last_good_calibration_are_judged_again_in_in_doubt_and_out(): void
    {
        $build = $this->tightened(['33.9', '32.0', '31.7', '30.9']);
        // 6 % at 36, 7 % at 12: at 32 N·m a little more than 6 %.
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $case = $this->case();
        $results = array_column($case['engines'][0]['joints'][0]['results'], null, 'position');

        self::assertSame([1, ['results' => 4, 'engines' => 1, 'out' => 1, 'in_doubt' => 2], $build], [count($case['engines']), $case['counts'], $case['engines'][0]['build']]);
        self::assertSame(['in', 'in_doubt', 'in_doubt', 'out'], array_column($results, 'verdict'));
        self::assertEqualsWithDelta(30.9 / 1.0621, $results[array_key_last($results)]['true'], 0.02);
        self::assertSame('TW-04 failed its calibration as found: 1 lies outside, 2 are in doubt.', $case['says']);
        self::assertSame(['2026-03-01', 'its last check that could have seen it, on 1 March 2026, saw none'], [$case['since'], $case['since_why']]);
    }

    public function test_what_the_tool_does_not_measure_is_in_doubt_and_its_number_is_not_taken_for_a_torque(): void
    {
        $this->tightened(['32.0', '32.0']);
        DB::table('results')->where('tool', $this->world->tools['TW-04'])->orderBy('taken_at')->limit(1)->update(['value' => '32 deg', 'low' => '30 deg', 'high' => '34 deg']);
        $this->calibrate($this->typed([0.5, 0.3, 5.0]));
        $this->judged();

        // 0.5 % at 12 and 0.3 % at 36 are a third of 1 % at 32.
        self::assertSame([['in_doubt', null], ['in', '31.89']], DB::table('look_back_results')->orderBy('taken_at')->get(['verdict', 'true_value'])->map(fn (stdClass $r): array => [$r->verdict, $r->true_value === null ? null : sprintf('%.2f', $r->true_value)])->all());
    }

    public function test_a_good_check_in_between_takes_what_came_before_it_out_of_doubt(): void
    {
        $this->tightened(['32.0', '32.0']);
        $this->travel(5)->days();
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '36'])->assertOk();
        $this->tightened(['31.0'], 'TN3-26-0002');
        $this->travel(5)->days();
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();

        self::assertSame(1, $this->case()['counts']['results']);
    }

    public function test_a_calibration_by_a_stricter_rule_has_seen_what_that_rule_does_not_let_pass(): void
    {
        $rules = ['points' => ['20', '60', '100'], 'readings' => 3, 'preloads' => 1, 'months' => 12, 'cycles' => null, 'permissible' => '4 %', 'rule' => 'guarded_by_u', 'elsewhere' => ['some' => 0, 'much' => 0], 'note' => 'By the customer.', 'template' => [['name' => 'standard', 'source' => 'standard']]];
        $this->world->desk('lead', 'POST', 'tool-rules/wrench', ['rules' => $rules])->assertOk();
        $this->calibrate($this->typed());
        $this->travel(5)->days();
        $this->tightened(['32.0']);
        // 3.8 % is less than 4 %, and fails since 0.4 % are taken off.
        $this->calibrate($this->typed([3.8, 3.8, 3.8]));
        $this->judged();

        self::assertSame('its last check that could have seen it, on 15 June 2026, saw none', $this->case()['since_why']);
    }

    public function test_a_failed_check_looks_back_beyond_itself_to_the_last_good_one(): void
    {
        $this->tightened(['32.0', '32.0']);
        $this->travel(5)->days();
        $this->keeper('POST', 'tools/TW-04/check', ['nominal' => '36', 'reading' => '33'])->assertOk();
        $this->judged();

        self::assertSame([2, '2026-03-01'], [$this->case()['counts']['results'], $this->case()['since']]);
        self::assertSame('failed its check: 33 N·m at 36 N·m', str_replace("\u{A0}", ' ', (string) collect((array) $this->keeper('GET', 'tools/TW-04')->json('moves'))->pluck('says')->first()));
        $this->travel(1)->days();
        $this->calibrate($this->typed(self::WEAK));
        $this->judged(2);
        self::assertSame(2, $this->world->desk('lead', 'GET', 'cases/2')->json('counts.results'), 'nor is it taken for a good one later');
    }

    public function test_what_was_pulled_after_it_was_set_right_is_not_judged_by_how_it_was_found(): void
    {
        $this->tightened(['30.9']);
        $this->travel(5)->days();
        $day = now()->format('Y-m-d');
        $this->travel(2)->days();
        $this->tightened(['30.9'], 'TN3-26-0002');
        $this->calibrate(['calibrated_on' => $day] + $this->typed(self::WEAK, self::GOOD));
        $this->judged();
        self::assertSame(['TN3-26-0001'], array_column((array) $this->case()['engines'], 'serial'), 'the calibration was typed in two days later');

        $this->tightened(['30.9'], 'TN3-26-0003');
        $this->travel(3)->days();
        $this->calibrate(['calibrated_on' => now()->subDays(2)->format('Y-m-d')] + $this->typed(self::WEAK));
        $this->judged(2);
        self::assertSame(['TN3-26-0002', 'TN3-26-0003'], array_column((array) $this->world->desk('lead', 'GET', 'cases/2')->json('engines'), 'serial'), 'one that was left as it was found was wrong until its chain was on');
    }

    public function test_a_drop_casts_doubt_from_the_drop_on(): void
    {
        $bench = $this->working('TN3-26-0001');
        $this->read($bench, ['31.0', '31.0']);
        $this->travel(1)->hours();
        $this->keeper('POST', 'tools/TW-04/chain', ['reason' => 'dropped'])->assertOk();
        $this->travel(1)->hours();
        $this->read($bench, ['31.0']);
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();

        self::assertSame([1, 'it was dropped on 15 June 2026'], [$this->case()['counts']['results'], $this->case()['since_why']]);
    }

    public function test_a_result_counts_if_it_was_received_in_the_doubtful_time_and_a_late_one_opens_the_case_again(): void
    {
        $this->tightened(['32.9']);
        $bench = $this->working('TN3-26-0002');
        $taken = now();
        $this->travel(2)->days();
        $this->calibrate($this->typed(self::WEAK));
        $this->judged();
        $this->decide('lead', 'redo')->assertOk();
        $this->world->desk('lead', 'POST', 'cases/1/close')->assertOk()->assertJsonPath('state', 'closed');
        self::assertSame(1, DB::table('look_back_results')->count());

        $late = $bench->reading('snug:c2a:1', '31.0', change: ['device_time' => $taken->toIso8601ZuluString('millisecond')]);
        $bench->send($late)->assertOk();
        $this->artisan('tekkal:late-arrivals')->expectsOutputToContain('Case 1: 1 late.')->assertSuccessful();
        $this->judged();
        self::assertSame(['open', 2, 1], [$this->case()['state'], $this->case()['counts']['results'], $this->case()['undecided']]);
        $this->artisan('tekkal:late-arrivals')->doesntExpectOutputToContain('Case')->assertSuccessful();
    }

    public function test_a_worker_that_dies_loses_nothing_and_judges_nothing_twice(): void
    {
        $this->tightened(['32.0', '32.0', '32.0']);
        $this->calibrate($this->typed(self::WEAK));
        $case = $this->judged();
        DB::table('look_back_cases')->where('id', $case->id)->update(['state' => 'judging']);
        $this->judged();

        self::assertSame(3, DB::table('look_back_results')->where('case', $case->id)->count());
        self::assertSame(3, $case->refresh()->judged);
    }

    public function test_many_results_with_long_names_are_judged_piece_by_piece_each_in_an_entry_of_its_own(): void
    {
        $this->tightened(['32.0']);
        $one = (array) DB::table('results')->where('stage', 'snug')->first();
        foreach (range(1, 200) as $n) {
            DB::table('results')->insert(['entry_id' => sprintf('019f0000-0000-7000-8000-%012d', $n), 'step' => str_pad("snug:$n:", 120, 'x'), 'stage' => str_repeat('s', 60), 'position' => str_pad("p$n", 60, 'y')] + $one);
        }
        $this->calibrate($this->typed(self::WEAK));
        $case = $this->judged();

        self::assertSame(['open', 201, 3], [$case->state, $case->judged, DB::table('ledger_entries')->where('type', 'case_judged')->count()]);
        self::assertLessThan(65_535, (int) DB::table('ledger_entries')->where('type', 'case_judged')->max(DB::raw('LENGTH(body)')));
    }

    public function test_a_case_whose_worker_was_lost_is_taken_up_again(): void
    {
        $this->tightened(['32.0']);
        $this->calibrate($this->typed(self::WEAK));
        DB::table('jobs')->delete();
        $this->artisan('tekkal:late-arrivals')->assertSuccessful();
        self::assertSame(0, DB::table('jobs')->count(), 'not before some minutes');
        $this->travel(10)->minutes();
        $this->artisan('tekkal:late-arrivals')->assertSuccessful();
        self::assertSame(1, DB::table('jobs')->count());
    }

    public function test_a_tool_that_is_lost_puts_everything_in_doubt_that_it_did_since_it_was_good(): void
    {
        $bench = $this->working('TN3-26-0001');
        $this->read($bench, ['32.0', '32.0']);
        $bench->send($bench->observation('run_finished'));
        DB::table('runs')->update(['finished_at' => now()]);
        $this->keeper('POST', 'tools/TW-04/retire', ['reason' => 'lost'])->assertOk();
        $this->judged();
        $case = $this->case();

        self::assertSame([['results' => 2, 'engines' => 1, 'out' => 0, 'in_doubt' => 2], 'lost'], [$case['counts'], $case['cause']]);
        self::assertNull($case['engines'][0]['joints'][0]['results'][0]['true']);
        self::assertStringContainsString('nobody can say what they have', $case['engines'][0]['joints'][0]['says']);
        $this->decide('lead', 'audited')->assertOk();
        $this->world->desk('lead', 'POST', 'cases/1/close')->assertOk();
    }

    /** A standard that shows 5 % too much leaves a tool that was set by it 5 % weak: 32 N·m are 30.4. */
    public function test_a_wrong_standard_reaches_every_tool_that_was_calibrated_against_it(): void
    {
        $this->calibrate($this->typed());
        $this->travel(1)->days();
        $this->tightened(['33.0', '31.0']);
        $doubt = fn (array $body) => $this->world->desk('lead', 'POST', 'reference-standards/'.$this->standard().'/doubt', $body);
        $this->refused($doubt(['since' => '2027-01-01']), 'since', '1 January 2027 lies ahead; today is 16 June 2026.');
        $this->refused($doubt(['since' => '2026-05-01', 'off' => '5,0']), 'off', 'By how much it showed too much, in %, with a point: 0.8, or -0.8 where it showed too little.');
        $this->refused($doubt(['since' => '2026-05-01', 'off' => '60']), 'off', 'A standard that is off by more than 50 % is none.');
        $doubt(['since' => '2026-05-01', 'off' => '5'])->assertOk()->assertJson(['tools' => 1]);
        $this->judged();
        $results = $this->case()['engines'][0]['joints'][0]['results'];

        self::assertSame(['wrong_standard', 'it was calibrated against it on 15 June 2026'], [$this->case()['cause'], $this->case()['since_why']]);
        self::assertEqualsWithDelta([33.0 / 1.053, 31.0 / 1.053], array_column($results, 'true'), 0.02);
        self::assertSame(['in', 'out'], array_column($results, 'verdict'));
        self::assertSame(['chained', 'what it was calibrated against was found to be wrong on 16 June 2026'], [$this->tool()['state'], $this->tool()['out_of_use']]);
        $this->refused($doubt(['since' => '2026-05-01']), 'since', 'It is on record already that RS-1 was wrong since 1 May 2026.', 409);
    }

    /** What a calibration against a good standard left is judged by that one; before it, by the one that was in force then. */
    public function test_each_result_is_judged_by_the_calibration_that_was_in_force_when_it_was_taken(): void
    {
        $this->calibrate($this->typed());
        $this->travel(1)->days();
        $this->tightened(['31.0']);
        $this->travel(1)->days();
        $this->calibrate($this->typed([2.0, 2.0, 2.0], [], ['certificate' => 'FC-2']));
        $this->travel(1)->days();
        $this->tightened(['31.0'], 'TN3-26-0002');
        $this->travel(1)->days();
        $this->calibrate($this->typed([0.5, 0.3, 0.2], [], ['certificate' => 'FC-3', 'standard' => $this->standard('RS-2')]));
        $this->travel(1)->days();
        $this->tightened(['31.0'], 'TN3-26-0003');
        $this->world->desk('lead', 'POST', 'reference-standards/'.$this->standard().'/doubt', ['since' => '2026-05-01', 'off' => '1'])->assertOk();
        $this->judged();
        self::assertSame('here', $this->tool()['state'], 'its last calibration was against another one');
        $true = DB::table('look_back_results')->orderBy('taken_at')->pluck('true_value')->all();

        self::assertEqualsWithDelta([31.0 / 1.013, 31.0 / 1.03, 31.0 / 1.003], array_map(floatval(...), $true), 0.02);
    }

    public function test_a_tool_that_is_away_when_its_standard_is_found_wrong_comes_back_with_a_chain_on(): void
    {
        $this->calibrate($this->typed());
        $this->keeper('POST', 'tools/away', ['tools' => ['TW-04'], 'laboratory' => 'Sallow'])->assertOk();
        $this->world->desk('lead', 'POST', 'reference-standards/'.$this->standard().'/doubt', ['since' => '2026-05-01', 'off' => null])->assertOk();
        self::assertSame('away', $this->tool()['state']);
        $this->keeper('POST', 'tools/back', ['tools' => ['TW-04']])->assertOk();
        self::assertSame('chained', $this->tool()['state']);
    }

    public function test_a_dropped_tool_that_cannot_be_read_any_more_is_in_doubt_from_the_drop_on(): void
    {
        $this->tightened(['32.0']);
        $this->travel(2)->days();
        $this->keeper('POST', 'tools/TW-04/chain', ['reason' => 'dropped'])->assertOk();
        $this->travel(1)->minutes();
        $this->tightened(['32.0'], 'TN3-26-0002');
        $this->travel(2)->days();
        $this->calibrate(['not_found' => 'unread'] + $this->typed([], self::GOOD, ['sheet' => ['adjustment' => 'repaired']]));
        $this->judged();

        self::assertSame(['it was dropped on 17 June 2026', ['TN3-26-0002'], 'in_doubt'], [$this->case()['since_why'], array_column((array) $this->case()['engines'], 'serial'), DB::table('look_back_results')->value('verdict')]);
    }

    public function test_a_case_verifies_and_comes_to_the_same_when_it_is_told_again(): void
    {
        // A reading rests on the tool as it was described last.
        $this->keeper('POST', 'tools/TW-04', ['fields' => ['place' => 'Drawer 1', 'permissible' => '4 %'] + (array) $this->keeper('GET', 'tools/TW-04')->json('fields')])->assertOk();
        $this->tightened(['32.0', '30.9']);
        $this->calibrate($this->typed(self::WEAK, self::GOOD));
        $this->judged();
        $this->decide('lead', 'redo')->assertOk();

        self::assertContains('look_back_results', app(Projectors::class)->tables());
        app(Sequencer::class)->run();
        self::assertSame([], app(Verifier::class)->run()->sentences());
    }
}
